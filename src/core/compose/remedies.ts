import { assess } from '../balance/assess';
import type { Finding, Remedy, Report } from '../balance/finding';
import { settle } from '../layout/packing';
import { LIBRARY, referTo } from '../plants';
import { plantName, type Plant } from '../plants/schema';
import { STARTS } from '../plants/starts';
import { apply, type Command } from '../plantings/commands';
import { plantIdOf, resolve, type Placed } from '../plantings/resolve';
import type { Planting } from '../plantings/schema';
import { addDays } from '../units/date';
import { tenth } from '../units/number';
import { startFor } from './patterns';
import { alternatives } from './swaps';

interface Idea {
  label: string;
  commands: Command[];
}

/** Alternatives weighed for each culprit; remedies shown. Working figures. */
const WEIGHED = 7;
const SHOWN = 3;
/** A remedy that costs the whole more than this is not offered. */
const DEAREST = 1;
const SEVERITY = { good: 0, watch: 1, wrong: 2 } as const;

/** The report with remedies on everything that is not good: each one tried and judged, with what it does to the rest. */
export function withRemedies(planting: Planting, report: Report, library: readonly Plant[] = LIBRARY): Report {
  return {
    ...report,
    findings: report.findings.map((f) =>
      f.severity === 'good' ? f : { ...f, remedies: remediesFor(planting, report, f, library) },
    ),
  };
}

/** Remedies that better one finding and make nothing else wrong, best for the whole first. */
export function remediesFor(
  planting: Planting,
  report: Report,
  finding: Finding,
  library: readonly Plant[] = LIBRARY,
): Remedy[] {
  const tried = ideasFor(planting, finding, library).flatMap((idea): (Remedy & { kind: string; gain: number })[] => {
    const after = assess(idea.commands.reduce(apply, planting));
    const now = after.findings.find((f) => f.check === finding.check);
    const gain = now ? SEVERITY[finding.severity] - SEVERITY[now.severity] + (now.quality - finding.quality) : 1;
    const spoilt = after.findings.some(
      (f) => f.severity === 'wrong' && report.findings.find((g) => g.check === f.check)?.severity !== 'wrong',
    );
    const change = Math.round((after.score - report.score) * 10) / 10;
    if (gain < 0.1 || spoilt || change < -DEAREST) return [];
    const effects = after.findings.flatMap((f) => {
      const was = report.findings.find((g) => g.check === f.check);
      return was && (was.severity !== f.severity || Math.abs(was.quality - f.quality) > 0.05)
        ? [{ check: f.check, from: was.severity, to: f.severity, before: was.measured, after: f.measured }]
        : [];
    });
    return [{ ...idea, effects, scoreChange: change, kind: idea.commands[0]?.do ?? '', gain }];
  });
  tried.sort((a, b) => b.scoreChange + b.gain - a.scoreChange - a.gain);
  const varied = tried.filter((t, i) => tried.findIndex((o) => o.kind === t.kind && sameTarget(o, t)) === i);
  return varied
    .slice(0, SHOWN)
    .map(({ label, commands, effects, scoreChange }) => ({ label, commands, effects, scoreChange }));
}

const sameTarget = (a: Remedy, b: Remedy): boolean => {
  const id = (r: Remedy) => (r.commands[0] && 'id' in r.commands[0] ? r.commands[0].id : '');
  return id(a) === id(b);
};

function ideasFor(planting: Planting, f: Finding, library: readonly Plant[]): Idea[] {
  const swaps = (targets: readonly Placed[]) => swapsFor(planting, targets, library);
  const placed = resolve(planting);
  const culprits = placed.filter((p) => f.culprits.includes(p.id) && !p.locked);
  const targets = culprits.length > 0 ? culprits.slice(0, 4) : placed.filter((p) => !p.locked);
  switch (f.check) {
    case 'drainage':
      return [
        {
          label: 'Drill holes in the base',
          commands: [{ do: 'set', change: { container: { ...planting.container, drains: true } } }],
        },
      ];
    case 'nights':
      return [1, 2, 3, 4, 6].map((weeks) => ({
        label: `Plant ${weeks} ${weeks === 1 ? 'week' : 'weeks'} later`,
        commands: [{ do: 'set', change: { startDate: addDays(planting.startDate, weeks * 7) } }],
      }));
    case 'fit':
      return [...rearranged(planting), ...smallerStarts(placed), ...removals(targets)];
    case 'cost':
      return [...smallerStarts(placed), ...removals(placed.filter((p) => p.role !== 'thriller'))];
    case 'sides':
      return [40, 80, 120, 180, 240, 280, 320].map((degrees) => ({
        label: `Turn the planting ${degrees}°`,
        commands: [{ do: 'turn', degrees }],
      }));
    case 'trail':
      return [...becomeSpillers(planting, placed, f), ...removals(targets), ...swaps(targets)];
    case 'vigour':
      return [...nudges(placed, f), ...swaps(targets), ...removals(targets)];
    case 'cover':
      return swaps(placed.filter((p) => p.role !== 'thriller').slice(0, 4));
    default:
      return [...swaps(targets), ...(placed.length > 3 ? removals(targets) : [])];
  }
}

function swapsFor(planting: Planting, targets: readonly Placed[], library: readonly Plant[]): Idea[] {
  return targets.flatMap((t) =>
    alternatives(planting, t.id, library)
      .filter((p) => !planting.placements.some((o) => plantIdOf(o) === p.id))
      .slice(0, WEIGHED)
      .flatMap((p): Idea[] => {
        const start = startFor(
          t.role,
          p.starts.map((s) => s.size),
          planting,
          false,
        );
        if (!start) return [];
        const all = planting.placements.filter((o) => plantIdOf(o) === t.plant.id && !o.locked);
        return [
          {
            label: `${plantName(p)} for ${plantName(t.plant)}`,
            commands: all.map((o) => ({ do: 'swap', id: o.id, plant: referTo(p), start })),
          },
        ];
      }),
  );
}

/** Taking one out; never the thriller, which the rest is built round. */
const removals = (targets: readonly Placed[]): Idea[] =>
  targets
    .filter((t) => t.role !== 'thriller')
    .map((t) => ({ label: `Take out one ${plantName(t.plant)}`, commands: [{ do: 'remove', id: t.id }] }));

const smallerStarts = (placed: readonly Placed[]): Idea[] =>
  placed.flatMap((p) =>
    p.plant.starts
      .filter((s) => STARTS[s.size].litres < STARTS[p.start].litres)
      .map((s) => ({
        label: `${plantName(p.plant)} as ${STARTS[s.size].label}`,
        commands: [{ do: 'start' as const, id: p.id, start: s.size }],
      })),
  );

function rearranged(planting: Planting): Idea[] {
  const settled = settle(
    planting.container,
    planting.placements.map((p) => ({ ...p, fixed: p.locked })),
  );
  return settled
    ? [
        {
          label: 'Shift root balls until they fit',
          commands: settled.map((p) => ({ do: 'move', id: p.id, xMm: tenth(p.xMm), yMm: tenth(p.yMm) })),
        },
      ]
    : [];
}

/** The crowded one a little away from the crowder, by a thumb's width or two. */
function nudges(placed: readonly Placed[], f: Finding): Idea[] {
  const [weak, bully] = f.culprits.map((id) => placed.find((p) => p.id === id));
  if (!weak || !bully) return [];
  const d = Math.hypot(weak.xMm - bully.xMm, weak.yMm - bully.yMm) || 1;
  return [20, 40, 60].flatMap((by): Idea[] =>
    [weak, bully].map((who) => {
      const sign = who === weak ? 1 : -1;
      return {
        label: `Move ${plantName(who.plant)} ${by / 10} cm away`,
        commands: [
          {
            do: 'move',
            id: who.id,
            xMm: who.xMm + (sign * by * (weak.xMm - bully.xMm)) / d,
            yMm: who.yMm + (sign * by * (weak.yMm - bully.yMm)) / d,
          },
        ],
      };
    }),
  );
}

/** Too bare a rim: a filler near it gives way to a spiller already there. Too full: the other way. */
function becomeSpillers(planting: Planting, placed: readonly Placed[], f: Finding): Idea[] {
  const low = f.measured < f.band[0];
  const [from, to] = low ? (['filler', 'spiller'] as const) : (['spiller', 'filler'] as const);
  const givers = placed.filter((p) => p.role === from && !p.locked && Math.hypot(p.xMm, p.yMm) > 30);
  const kinds = [...new Set(placed.filter((p) => p.role === to).map((p) => p.plant.id))];
  return givers.flatMap((g) =>
    kinds.flatMap((id): Idea[] => {
      const plant = placed.find((p) => p.plant.id === id)?.plant;
      const start = plant
        ? startFor(
            to,
            plant.starts.map((s) => s.size),
            planting,
            false,
          )
        : null;
      return plant && start
        ? [
            {
              label: `${plantName(plant)} for one ${plantName(g.plant)}`,
              commands: [
                { do: 'remove', id: g.id },
                { do: 'add', placement: { id: g.id, plant: referTo(plant), start, xMm: g.xMm, yMm: g.yMm, role: to } },
              ],
            },
          ]
        : [];
    }),
  );
}
