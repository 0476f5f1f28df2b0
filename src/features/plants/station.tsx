'use client';
import { isLong } from '@/core/containers/counts';
import type { Panels, StationProps } from '../shell/panels';
import { usePlanting, useWorkspace } from '../shell/store';
import { point, usePointing } from '../shell/pointing';
import { Brief } from './Brief';
import { Cast } from './Cast';
import { isFor, useComposing, useDesk } from './composing';
import { Levels } from './Levels';
import { Plan } from './Plan';
import { Proposals } from './Proposals';
import { SwapPanel } from './SwapPanel';

const isPlanted = (p: StationProps['planting']): boolean => p.placements.length > 0;

/** The brief, or the cast that came of it. */
function Work({ planting, season, week, known }: StationProps) {
  const { briefing, set } = useDesk();
  const start = useComposing((c) => c.start);
  const planted = isPlanted(planting);
  if (planted && !briefing)
    return (
      <Cast season={season} week={week} onCompose={() => set({ briefing: true })} onAdd={() => set({ adding: true })} />
    );
  return (
    <Brief
      planting={planting}
      known={known}
      onCompose={() => start(planting, known.mine)}
      onBack={planted ? () => set({ briefing: false }) : null}
    />
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
      className={`absolute bottom-0 right-1 ${isLong(planting.container.shape) ? 'w-[220px] sm:w-[300px]' : 'w-[132px] sm:w-[150px]'}`}
    >
      <Plan planting={planting} season={season} />
    </div>
  );
}

/** What the composer found; taking one plants it. */
function Whole({ planting }: StationProps) {
  const { state, done, sofar, composed, stop } = useComposing();
  const run = useWorkspace((s) => s.run);
  const show = useWorkspace((s) => s.show);
  const set = useDesk((d) => d.set);
  return (
    <Proposals
      id={planting.id}
      state={state === 'working' ? 'working' : 'done'}
      done={done}
      sofar={sofar}
      composed={composed}
      onStop={stop}
      onClose={stop}
      onTake={(p) => {
        run('Take a proposal', { do: 'plant', placements: p.planting.placements });
        point({ chosen: null });
        show(null);
        set({ briefing: false });
        stop();
      }}
    />
  );
}

function useWhole(): boolean {
  const state = useComposing((c) => c.state);
  const base = useComposing((c) => c.base);
  const planting = usePlanting();
  return state !== 'idle' && planting !== null && isFor(base, planting);
}

function Empty() {
  return (
    <div className="flex flex-col gap-2 text-[0.95rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Nothing planted yet</h2>
      <p>
        Say what you would like on the left, then press Compose. You get several plantings that fit this spot and pot,
        each with its reasons.
      </p>
      <p className="text-quiet">
        Height, texture, trail, colour and vigour are judged here as soon as there is something to judge.
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
  readingName: 'Levels',
};
