'use client';
import Link from 'next/link';
import { chosenOver } from '@/core/compose/chosen';
import type { Composed, Proposal, Said } from '@/core/compose/compose';
import type { SecondAct } from '@/core/compose/turns/second-act';
import { changed, WISH_IDS, WISHES } from '@/core/compose/wishes';
import { LEFT_OUT_FOR, type Refusal } from '@/core/compose/filter';
import { checkOf, isLevel } from '@/core/balance';
import { RANK, type Severity } from '@/core/balance/severity';
import { shoppingList } from '@/core/materials/list';
import { plantName, type Plant } from '@/core/plants/schema';
import { resolve } from '@/core/plantings/resolve';
import type { Planting } from '@/core/plantings/schema';
import { SCHOOL_IDS, type SchoolId, schoolOf, SCHOOLS } from '@/core/schools';
import { formatMoney } from '@/core/units/quantity';
import { maxBy } from '@/core/units/number';
import { Button, buttonLook } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';
import { countOf } from '@/ui/words';
import { along } from '@/ui/along';
import { useNarrow } from '@/ui/useNarrow';
import { figureOf } from '@/core/balance/finding';
import { useDrawing } from '../shell/drawing';
import { stationPath } from '../shell/stations';
import type { Beside } from './composing';
import type { Following } from './following';
import { LOOSENED } from './loosened';
import { Then } from './Then';
import { WhyNot } from './WhyNot';
import { PotPicture, pictureSize } from '../pictures/PotPicture';

interface Props {
  planting: Planting;
  library: readonly Plant[];
  state: 'working' | 'done';
  done: number;
  sofar: readonly Proposal[];
  composed: Composed | null;
  /** The same asked in another arrangement, to be looked at side by side. */
  beside: Beside | null;
  /** What was said of earlier proposals, which these answer. */
  said: Said | null;
  onBeside: (school: SchoolId | null) => void;
  onWith: (plant: Plant) => void;
  onSay: (said: Said) => void;
  onTake: (p: Proposal, act?: SecondAct) => void;
  /** What follows each of them, where something does. */
  following: Following;
  onStop: () => void;
  onClose: () => void;
}

/** Said until a picture is there. */
const FOLLOWS = 'Drawing the picture…';

/** What decided for a proposal, and what it gives up. */
function Why({ of, among }: { of: Proposal; among: readonly Proposal[] }) {
  const { why, given } = chosenOver(
    of.report,
    among.filter((o) => o !== of).map((o) => o.report),
  );
  return (
    <details className="text-[0.84rem] leading-snug">
      <summary className="cursor-pointer text-quiet pointer-coarse:py-2">Why this one</summary>
      <ul className="flex flex-col gap-1 pt-1">
        {why.map((fact) => (
          <li key={fact}>{fact}</li>
        ))}
      </ul>
      {given && <p className="pt-1 text-quiet">Relaxed: {given}</p>}
    </details>
  );
}

/** What the composer found, side by side as portraits. */
export function Proposals(props: Props) {
  const { planting, library, state, done, sofar, composed, beside, said, onSay, onBeside, onWith, onTake } = props;
  const { following } = props;
  const { onStop, onClose } = props;
  const worst = maxBy(Object.entries(composed?.refused ?? {}), ([, n]) => n);
  const wayOut = worst && LOOSENED[worst[0]];
  const found = composed?.proposals ?? sofar;
  const slow = useDrawing((d) => d.slow);
  const list = beside ? byTurns(found, beside.composed?.proposals ?? []) : found;
  const widest = Math.max(...list.map((p) => pictureSize(p.planting, 1).w), 1);
  const tallest = Math.max(...list.map((p) => pictureSize(p.planting, 1).h), 1);
  const scale = Math.min(218 / widest, 236 / tallest);
  return (
    <div className="flex h-full min-h-0 flex-col px-3 work:px-5" aria-busy={state === 'working'}>
      <header className="hair flex items-center justify-between gap-3 py-2">
        <h2 className="text-lg" role="status">
          {state === 'working'
            ? 'Composing…'
            : composed?.problem
              ? 'Nothing fits yet'
              : countOf(list.length, 'proposal')}
        </h2>
        {state === 'working' ? (
          <span className="flex items-center gap-3">
            <progress max={1} value={done} className="bar h-1.5 w-40" aria-label="Composing" />
            <Button onClick={onStop}>Stop</Button>
          </span>
        ) : (
          <Button onClick={onClose}>Back to the brief</Button>
        )}
      </header>
      {composed?.problem && (
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
      )}
      {state === 'done' && list[0] && (
        <Asking>
          <Wishes first={list[0]} said={said} onSay={onSay} />
          <BesideIt planting={planting} beside={beside} onBeside={onBeside} />
          <WhyNot planting={planting} library={library} proposals={list} onWith={onWith} />
        </Asking>
      )}
      <ol className="flex min-h-0 flex-1 gap-5 overflow-x-auto overflow-y-auto pb-3 pt-2 max-work:flex-col">
        {list.map((p, i) => (
          <li
            key={p.planting.placements.map((x) => String(x.plant)).join() + i}
            className="flex min-w-[214px] flex-1 flex-col gap-2 border-line not-first:border-l not-first:pl-5 max-work:not-first:border-l-0 max-work:not-first:border-t max-work:not-first:pl-0 max-work:not-first:pt-3"
          >
            {beside && <h3 className="text-[0.9rem] text-quiet">{schoolOf(p.planting.brief).label}</h3>}
            <div className="flex items-end justify-center" style={{ height: tallest * scale }}>
              {/* What may be bettered in a moment is not drawn, or only the first of it: drawing holds up the search. */}
              {state === 'done' || (i === 0 && !slow) ? (
                <PotPicture planting={p.planting} scale={scale} waiting={FOLLOWS} />
              ) : (
                <span className="text-[0.84rem] text-quiet">{FOLLOWS}</span>
              )}
            </div>
            <Kinds proposal={p} />
            <ul className="flex flex-col gap-1">
              {p.report.findings
                .filter((f) => isLevel(f.check))
                .map((f) => (
                  <li key={f.check} className="grid grid-cols-[4.4rem_1fr] items-center gap-2 text-[0.8rem] text-quiet">
                    {checkOf(f.check).name}
                    <Level
                      small
                      name={checkOf(f.check).name}
                      severity={f.severity}
                      at={along(f.measured, f.scale)}
                      band={[along(f.band[0], f.scale), along(f.band[1], f.scale)]}
                      value={figureOf(f)}
                      low=""
                      high=""
                      text={f.message}
                    />
                  </li>
                ))}
            </ul>
            <p className="text-[0.87rem] leading-snug text-quiet">{p.reason}</p>
            <p className="mt-auto flex justify-between text-[0.88rem]">
              {formatMoney(shoppingList(p.planting, 1).each)}
              <span className="text-quiet">
                <Mark severity={worstOf(p)} /> {p.report.score.toFixed(0)}
              </span>
            </p>
            <div className="flex flex-wrap items-center gap-1.5">
              <Button
                kind="deep"
                className="px-2! text-[0.86rem]!"
                disabled={state === 'working'}
                onClick={() => onTake(p)}
                aria-label={`Use proposal ${i + 1}, ${p.reason}`}
              >
                Use this one
              </Button>
              <Button
                className="px-2! text-[0.86rem]!"
                disabled={state === 'working'}
                onClick={() => onSay({ wish: 'more like this', of: p.planting })}
                aria-label={`More like proposal ${i + 1}`}
              >
                More like this
              </Button>
            </div>
            {list.length > 1 && state === 'done' && <Why of={p} among={list} />}
            {state === 'done' && !beside && (
              <Then planting={p.planting} number={i + 1} act={following.get(p)} onTake={(act) => onTake(p, act)} />
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** What can be asked of the proposals: in a row above them, and folded where the picture would be pushed off a phone. */
function Asking({ children }: { children: React.ReactNode }) {
  const row = <div className="flex flex-wrap items-center gap-x-5 gap-y-1.5 pt-2">{children}</div>;
  if (!useNarrow()) return row;
  return (
    <details className="pt-1">
      <summary className="cursor-pointer py-2 text-[0.93rem]">Try others</summary>
      {row}
    </details>
  );
}

/** The worst that is found of a proposal. */
const worstOf = ({ report }: Proposal): Severity => maxBy(report.findings, (f) => RANK[f.severity])?.severity ?? 'good';

/** So many of each arrangement are seen side by side. */
const OF_EACH = 2;

/** Two lists by turns, the best of each first. */
const byTurns = (a: readonly Proposal[], b: readonly Proposal[]): Proposal[] =>
  Array.from({ length: OF_EACH }, (_, i) => [a[i], b[i]]).flatMap((pair) => pair.filter((p) => p !== undefined));

const NONE = '';

/** Another arrangement of the same brief, to be looked at beside it. */
function BesideIt({ planting, beside, onBeside }: Pick<Props, 'planting' | 'beside' | 'onBeside'>) {
  const others = SCHOOL_IDS.filter((id) => id !== planting.brief.school);
  return (
    <label className="flex items-center gap-2 text-[0.86rem] text-quiet">
      {beside && !beside.composed
        ? 'Composing the other arrangement…'
        : beside?.composed?.proposals.length === 0
          ? 'Nothing fits in that arrangement'
          : 'Compare with'}
      <select
        className="field w-auto! min-h-8!"
        value={beside?.school ?? NONE}
        onChange={(e) => onBeside(others.find((id) => id === e.target.value) ?? null)}
      >
        <option value={NONE}>no other arrangement</option>
        {others.map((id) => (
          <option key={id} value={id}>
            {SCHOOLS[id].label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What can be said of them, so that the next ones differ; and what the last thing said has changed. */
function Wishes({ first, said, onSay }: { first: Proposal; said: Said | null; onSay: Props['onSay'] }) {
  return (
    <div className="flex flex-wrap items-center gap-1.5 text-[0.86rem]" role="group" aria-label="Try others">
      <span className="text-quiet">Make it</span>
      {WISH_IDS.map((wish) => (
        <Button key={wish} aria-pressed={said?.wish === wish} onClick={() => onSay({ wish, of: first.planting })}>
          {WISHES[wish].label.toLowerCase()}
        </Button>
      ))}
      {said && (
        <span role="status" className="text-quiet">
          {said.wish === 'more like this'
            ? 'More like the one you chose.'
            : `${changed(said.wish, said.of, first.planting)}.`}
        </span>
      )}
    </div>
  );
}

function Kinds({ proposal }: { proposal: Proposal }) {
  const placed = resolve(proposal.planting);
  const kinds = [...new Map(placed.map((p) => [p.plant.id, p])).values()];
  return (
    <ul className="text-[0.87rem] leading-snug">
      {kinds.map((k) => (
        <li key={k.plant.id} className="flex justify-between gap-2">
          <span className={k.role === 'thriller' ? 'font-semibold' : ''}>{plantName(k.plant)}</span>
          <span className="text-quiet">{placed.filter((p) => p.plant.id === k.plant.id).length}</span>
        </li>
      ))}
    </ul>
  );
}
