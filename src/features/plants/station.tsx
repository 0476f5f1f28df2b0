'use client';
import { useEffect } from 'react';
import { keptAsBefore } from '@/core/compose/over/changing';
import { isLong } from '@/core/containers/counts';
import type { Panels, StationProps } from '../shell/panels';
import { useKnown } from '../shell/known';
import { plantName } from '@/core/plants/schema';
import { usePlanting, useWorkspace } from '../shell/store';
import { point, usePointing } from '../shell/pointing';
import { Brief } from './Brief';
import { Cast } from './Cast';
import { isFor, useComposing, useDesk } from './composing';
import { useFollowing } from './following';
import { Levels } from './Levels';
import { MakeOver } from './MakeOver';
import { Planted } from './Planted';
import { Plan } from './Plan';
import { Proposals } from './Proposals';
import { SwapPanel } from './SwapPanel';

const isPlanted = (p: StationProps['planting']): boolean => p.placements.length > 0;

/** What was found for this container and lies aside: how many, and the way to them. */
function useFound(planting: StationProps['planting']): { count: number; look: () => void } | null {
  const { aside, base, composed, lay } = useComposing();
  const count = composed?.proposals.length ?? 0;
  return aside && count > 0 && isFor(base, planting) ? { count, look: () => lay(false) } : null;
}

/** The brief, or the cast that came of it. */
function Work({ planting, season, week, known }: StationProps) {
  const { briefing, remaking, set } = useDesk();
  const start = useComposing((c) => c.start);
  const planted = isPlanted(planting);
  const found = useFound(planting);
  if (planted && remaking === planting.id)
    return <MakeOver planting={planting} known={known} onBack={() => set({ remaking: null })} />;
  if (planted && !briefing)
    return (
      <Cast
        season={season}
        learned={planting.learned}
        week={week}
        found={found}
        onCompose={() => set({ briefing: true })}
        onRemake={() => set({ remaking: planting.id })}
        onAdd={() => set({ adding: true })}
      />
    );
  const brief = (
    <Brief
      planting={planting}
      known={known}
      found={found}
      onCompose={() => start(planting, known.mine)}
      onBack={planted ? () => set({ briefing: false }) : null}
    />
  );
  if (planted) return brief;
  return (
    <div className="flex flex-col gap-3">
      <Planted planting={planting} library={known.library} />
      {brief}
    </div>
  );
}

/** The levels, or the plant in hand. */
function Reading({ planting, season, report, known }: StationProps) {
  const chosen = usePointing((p) => p.chosen);
  const hand = season.placed.find((p) => p.id === chosen);
  if (hand) return <SwapPanel key={hand.id} planting={planting} placed={hand} report={report} known={known} />;
  return isPlanted(planting) ? <Levels planting={planting} report={report} mine={known.mine} /> : <Empty />;
}

function Corner({ planting, season }: StationProps) {
  if (!isPlanted(planting)) return null;
  return (
    <div
      className={`max-work:w-full ${isLong(planting.container.shape) ? 'work:w-[300px]' : 'max-w-[320px] work:w-[150px]'}`}
    >
      <Plan planting={planting} season={season} />
    </div>
  );
}

/** What the composer found; taking one plants it. */
function Whole({ planting }: StationProps) {
  const { base, state, done, sofar, composed, said, beside, stop, lay, start, alongside } = useComposing();
  const known = useKnown();
  const run = useWorkspace((s) => s.run);
  const show = useWorkspace((s) => s.show);
  const set = useDesk((d) => d.set);
  const following = useFollowing(state === 'done' ? (composed?.proposals ?? null) : null, known.mine);
  return (
    <Proposals
      following={following}
      planting={planting}
      library={known.all}
      state={state === 'working' ? 'working' : 'done'}
      done={done}
      sofar={sofar}
      composed={composed}
      said={said}
      beside={beside}
      onSay={(next) => start(base ?? planting, known.mine, next)}
      onBeside={(school) => alongside(school, known.mine)}
      onWith={(plant) => {
        const must = [plant.id, ...planting.brief.must].slice(0, 5);
        const brief = { ...planting.brief, must, never: planting.brief.never.filter((id) => id !== plant.id) };
        run(`Include ${plantName(plant)}`, { do: 'set', change: { brief } });
        start({ ...(base ?? planting), brief }, known.mine);
      }}
      onStop={stop}
      onClose={() => lay(true)}
      onTake={(p, act) => {
        run(
          act ? 'Use a proposal and what follows it' : 'Use a proposal',
          { do: 'set', change: { brief: { ...planting.brief, school: p.planting.brief.school } } },
          { do: 'plant', placements: keptAsBefore(planting, (act?.after ?? p.planting).placements) },
        );
        point({ chosen: null });
        show(null);
        set({ briefing: false, remaking: null });
        lay(true);
      }}
    />
  );
}

function useWhole(): boolean {
  const { state, base, aside, recall } = useComposing();
  const planting = usePlanting();
  const id = planting?.id;
  useEffect(() => {
    const { history } = useWorkspace.getState();
    if (history && history.now.id === id) recall(history.now);
  }, [id, recall]);
  return state !== 'idle' && !aside && planting !== null && isFor(base, planting);
}

function Empty() {
  return (
    <div className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Nothing planted yet</h2>
      <p>
        Fill in the brief, then select Compose. You get several plantings that fit this spot and container, each with
        its reasons.
      </p>
      <p className="text-quiet">
        Checks of height, texture, trailing plants, colour and vigour appear here once it is planted.
      </p>
    </div>
  );
}

export const plants: Panels = {
  Work,
  Reading,
  Corner,
  Whole,
  useWhole,
  onward: isPlanted,
  eager: true,
  readingName: 'Checks',
};
