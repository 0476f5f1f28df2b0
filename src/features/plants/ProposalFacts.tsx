'use client';
import { checkOf, isLevel } from '@/core/balance';
import { figureOf } from '@/core/balance/finding';
import { RANK, type Severity } from '@/core/balance/severity';
import { chosenOver } from '@/core/compose/chosen';
import type { Proposal } from '@/core/compose/compose';
import { reasonParts } from '@/core/compose/reason';
import { shoppingList } from '@/core/materials/list';
import { plantName } from '@/core/plants/schema';
import { resolve } from '@/core/plantings/resolve';
import { maxBy } from '@/core/units/number';
import { formatMoney } from '@/core/units/quantity';
import { along } from '@/ui/along';
import { Button } from '@/ui/Button';
import { Level } from '@/ui/Level';
import { Mark } from '@/ui/Mark';

/** The worst that is found of a proposal. */
const worstOf = ({ report }: Proposal): Severity => maxBy(report.findings, (f) => RANK[f.severity])?.severity ?? 'good';

/** What a proposal costs and how it scores, in a line. */
export function PriceAndScore({ of }: { of: Proposal }) {
  return (
    <span className="inline-flex items-baseline gap-3">
      {formatMoney(shoppingList(of.planting, 1).each)}
      <span className="text-quiet">
        <Mark severity={worstOf(of)} /> {of.report.score.toFixed(0)}
      </span>
    </span>
  );
}

interface Props {
  proposal: Proposal;
  number: number;
  /** Its arrangement, where they differ in that. */
  school: string | null;
  /** All that were found with it. */
  among: readonly Proposal[];
  /** It may still be bettered. */
  working: boolean;
  onTake: () => void;
  onMore: () => void;
  /** What follows it, and the like. */
  children?: React.ReactNode;
}

/** All that is said of a proposal: what it is, what it costs, why this one, its plants and its checks. */
export function ProposalFacts({ proposal: p, number, school, among, working, onTake, onMore, children }: Props) {
  const { what, why } = reasonParts(p.reason);
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-col gap-1">
        {school && <p className="text-[0.88rem] text-quiet">{school}</p>}
        <h3 className="text-[1.08rem] leading-snug text-balance">{what}</h3>
        <p className="text-[0.95rem]">
          <PriceAndScore of={p} />
        </p>
      </div>
      <div className="flex flex-wrap items-center gap-1.5">
        <Button kind="deep" disabled={working} onClick={onTake} aria-label={`Use proposal ${number}, ${p.reason}`}>
          Use this one
        </Button>
        <Button disabled={working} onClick={onMore} aria-label={`More like proposal ${number}`}>
          More like this
        </Button>
      </div>
      <p className="text-[0.93rem] leading-snug">{why}</p>
      <Kinds proposal={p} />
      {children}
      {among.length > 1 && !working && <Why of={p} among={among} />}
      <Checks proposal={p} />
    </div>
  );
}

function Checks({ proposal: { report } }: { proposal: Proposal }) {
  return (
    <ul className="flex flex-col gap-1 border-t border-line pt-2">
      {report.findings
        .filter((f) => isLevel(f.check))
        .map((f) => (
          <li key={f.check} className="grid grid-cols-[4.6rem_1fr_6.6rem] items-center gap-2 text-[0.84rem] text-quiet">
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
            <span className="text-right">{figureOf(f)}</span>
          </li>
        ))}
    </ul>
  );
}

/** What decided for a proposal, and what it gives up. */
function Why({ of, among }: { of: Proposal; among: readonly Proposal[] }) {
  const { why, given } = chosenOver(
    of.report,
    among.filter((o) => o !== of).map((o) => o.report),
  );
  return (
    <section className="border-t border-line pt-2 text-[0.88rem] leading-snug">
      <h4 className="text-[0.88rem]">Why this one</h4>
      <ul className="flex flex-col gap-1 pt-1">
        {why.map((fact) => (
          <li key={fact}>{fact}</li>
        ))}
      </ul>
      {given && <p className="pt-1 text-quiet">Relaxed: {given}</p>}
    </section>
  );
}

function Kinds({ proposal }: { proposal: Proposal }) {
  const placed = resolve(proposal.planting);
  const kinds = [...new Map(placed.map((p) => [p.plant.id, p])).values()];
  return (
    <ul aria-label="Plants" className="text-[0.93rem] leading-snug">
      {kinds.map((k) => (
        <li key={k.plant.id} className="flex justify-between gap-2">
          <span className={k.role === 'thriller' ? 'font-semibold' : ''}>{plantName(k.plant)}</span>
          <span className="text-quiet">{placed.filter((p) => p.plant.id === k.plant.id).length}</span>
        </li>
      ))}
    </ul>
  );
}
