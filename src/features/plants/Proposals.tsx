'use client';
import Link from 'next/link';
import { useState } from 'react';
import type { Composed, Proposal, Said } from '@/core/compose/compose';
import type { Act } from '@/core/compose/turns/act';
import { LEFT_OUT_FOR, type Refusal } from '@/core/compose/filter';
import type { Plant } from '@/core/plants/schema';
import type { Planting } from '@/core/plantings/schema';
import { type SchoolId, schoolOf } from '@/core/schools';
import { maxBy } from '@/core/units/number';
import { Button, buttonLook } from '@/ui/Button';
import { countOf } from '@/ui/words';
import { useNarrow } from '@/ui/useNarrow';
import { useDrawing } from '../shell/drawing';
import { stationPath } from '../shell/stations';
import { Asking, BesideIt, Wishes } from './Asking';
import type { OtherArrangement } from './composing';
import { drawingsOf } from './drawing';
import type { Following } from './following';
import { LOOSENED } from './loosened';
import { ProposalFacts } from './ProposalFacts';
import { ProposalPlace, Which } from './ProposalPlace';
import { ProposalStrip } from './ProposalStrip';
import { Then } from './Then';
import { useArrows } from './useArrows';
import { WhyNot } from './WhyNot';

interface Props {
  planting: Planting;
  library: readonly Plant[];
  state: 'working' | 'done';
  done: number;
  sofar: readonly Proposal[];
  composed: Composed | null;
  /** The same asked in another arrangement, to be looked at side by side. */
  beside: OtherArrangement | null;
  /** What was said of earlier proposals, which these answer. */
  said: Said | null;
  onBeside: (school: SchoolId | null) => void;
  onWith: (plant: Plant) => void;
  onSay: (said: Said) => void;
  onTake: (p: Proposal, act?: Act) => void;
  /** What follows each of them, where something does. */
  following: Following;
  onStop: () => void;
  onClose: () => void;
}

/** The largest that a proposal is drawn, px: beside what is said of it, and in the hand. */
const LARGE = { width: 620, height: 520 };
const IN_HAND = { width: 358, height: 340 };

/** What the composer found: all small in a strip, one of them large with all that is said of it, or two to compare. */
export function Proposals(props: Props) {
  const { planting, library, state, done, sofar, composed, beside, said, onSay, onBeside, onWith, onTake } = props;
  const { following } = props;
  const { onStop, onClose } = props;
  const working = state === 'working';
  const found = composed?.proposals ?? sofar;
  const list = beside ? byTurns(found, beside.composed?.proposals ?? []) : found;
  const slow = useDrawing((d) => d.slow);
  const narrow = useNarrow();
  const [wanted, choose] = useState(0);
  const [other, compare] = useState<number | null>(null);
  const chosen = Math.min(wanted, list.length - 1);
  // What may be bettered in a moment is not drawn, or only the first of it: drawing holds up the search.
  const drawing = drawingsOf(list, narrow ? IN_HAND : LARGE, (i) => working && (i > 0 || slow));
  const two = other !== null && list.length > 1 && !working;
  const second = two ? (other < list.length && other !== chosen ? other : (chosen + 1) % list.length) : null;
  useArrows((by) => list.length > 0 && choose((chosen + by + list.length) % list.length));
  const stand = (school: SchoolId | null) => {
    onBeside(school);
    // By turns: the best of each stand first, and are seen side by side.
    choose(0);
    compare(school === null ? null : 1);
  };
  /** Others are asked for: the first of them is looked at. */
  const afresh = () => {
    choose(0);
    compare(null);
  };
  const say = (wish: Said) => {
    afresh();
    onSay(wish);
  };
  const facts = (i: number) => {
    const p = list[i];
    if (!p) return null;
    return (
      <ProposalFacts
        proposal={p}
        number={i + 1}
        school={beside ? schoolOf(p.planting.brief).label : null}
        among={list}
        working={working}
        onTake={() => onTake(p)}
        onMore={() => say({ wish: 'more like this', of: p.planting })}
      >
        {!working && !beside && (
          <Then planting={p.planting} number={i + 1} act={following.get(p)} onTake={(act) => onTake(p, act)} />
        )}
      </ProposalFacts>
    );
  };
  return (
    <div className="flex min-h-0 flex-col px-3 work:h-full work:px-5" aria-busy={working}>
      <header className="hair flex items-center justify-between gap-3 py-2">
        <h2 className="text-lg" role="status">
          {working ? 'Composing…' : composed?.problem ? 'Nothing fits yet' : countOf(list.length, 'proposal')}
        </h2>
        {working ? (
          <span className="flex items-center gap-3">
            <progress max={1} value={done} className="bar h-1.5 w-40" aria-label="Composing" />
            <Button onClick={onStop}>Stop</Button>
          </span>
        ) : (
          <span className="flex gap-2">
            {list.length > 1 && (
              <Button aria-pressed={two} onClick={() => compare(two ? null : (chosen + 1) % list.length)}>
                {two ? 'Show one' : 'Compare two'}
              </Button>
            )}
            <Button onClick={onClose}>Back to the brief</Button>
          </span>
        )}
      </header>
      {composed?.problem && <Nothing planting={planting} composed={composed} onClose={onClose} />}
      {list.length > 0 && (
        <div
          className={`grid min-h-0 flex-1 gap-x-5 gap-y-2 pt-2 ${two ? 'work:grid-cols-[15.2rem_1fr_1fr] max-work:grid-cols-2' : 'max-work:grid-cols-[minmax(0,1fr)] work:grid-cols-[15.2rem_minmax(0,1fr)_22.5rem]'}`}
        >
          <div className="min-h-0 max-work:col-span-full">
            <ProposalStrip list={list} chosen={chosen} schools={beside !== null} drawing={drawing} onChoose={choose} />
          </div>
          {second === null ? (
            <>
              <ProposalPlace list={list} at={chosen} drawing={drawing} />
              <div className="min-h-0 pb-4 work:overflow-y-auto work:py-3">{facts(chosen)}</div>
            </>
          ) : (
            [chosen, second].map((i, side) => (
              <div key={side} className="flex min-h-0 flex-col pb-4 work:overflow-y-auto">
                <Which list={list} at={i} side={side} onChoose={side === 0 ? choose : compare} />
                <ProposalPlace list={list} at={i} drawing={drawing} half />
                {facts(i)}
              </div>
            ))
          )}
        </div>
      )}
      {!working && list[0] && (
        <Asking>
          <Wishes first={list[0]} said={said} onSay={say} />
          <BesideIt planting={planting} beside={beside} onBeside={stand} />
          <WhyNot
            planting={planting}
            library={library}
            proposals={list}
            onWith={(plant) => {
              afresh();
              onWith(plant);
            }}
          />
        </Asking>
      )}
    </div>
  );
}

/** Nothing fits: what ruled the most out, and the way out. */
function Nothing({ planting, composed, onClose }: { planting: Planting; composed: Composed; onClose: () => void }) {
  const worst = maxBy(Object.entries(composed.refused), ([, n]) => n);
  const wayOut = worst && LOOSENED[worst[0]];
  return (
    <div className="max-w-prose py-4">
      <p>{composed.problem}</p>
      {Object.keys(composed.refused).length > 0 && (
        <p className="pt-2 text-quiet">
          Ruled out:{' '}
          {Object.entries(composed.refused)
            .map(([rule, n]) => `${n} because of ${LEFT_OUT_FOR[rule as Refusal['rule']]}`)
            .join(', ')}
          .
        </p>
      )}
      <p className="flex flex-wrap gap-2 pt-3">
        {wayOut && (
          <Link href={stationPath(planting.id, wayOut.station)} className={buttonLook('deep')}>
            {wayOut.text}
          </Link>
        )}
        <Button onClick={onClose}>Change the brief</Button>
      </p>
    </div>
  );
}

/** So many of each arrangement are seen side by side. */
const OF_EACH = 2;

/** Two lists by turns, the best of each first. */
const byTurns = (a: readonly Proposal[], b: readonly Proposal[]): Proposal[] =>
  Array.from({ length: OF_EACH }, (_, i) => [a[i], b[i]]).flatMap((pair) => pair.filter((p) => p !== undefined));
