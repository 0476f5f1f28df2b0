import type { Report } from '../balance/finding';
import { called } from '../plants/called';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { resolve } from '../plantings/resolve';
import { listed } from '../units/listed';
import { bestTime, careOf } from './care';
import { ideaOf } from './idea';
import { type Theme, type ThemeId, THEMES } from './themes';

const capital = (t: string): string => t[0]?.toUpperCase() + t.slice(1);

/** Why this one, in a sentence, and what it asks for: who leads, what carries, what hangs. */
export function reasonOf(planting: Planting, report: Report, theme: ThemeId | null): string {
  const placed = resolve(planting);
  const of = (role: string) => {
    const kinds = new Map<string, { plant: Plant; n: number }>();
    for (const p of placed.filter((x) => x.role === role))
      kinds.set(p.plant.id, { plant: p.plant, n: (kinds.get(p.plant.id)?.n ?? 0) + 1 });
    return [...kinds.values()].sort((a, b) => b.n - a.n).map(({ plant, n }) => called(plant, n > 1));
  };
  const [stars, body, edge] = [of('thriller'), of('filler'), of('spiller')];
  const over =
    stars.length > 0 && body.length > 0 ? `${listed(stars)} over ${listed(body)}` : listed([...stars, ...body]);
  const hangs = edge.length > 0 ? `${over ? ', with ' : ''}${listed(edge)}${over ? ' spilling' : ''}` : '';
  const kinds = [...new Map(placed.map((p) => [p.plant.id, p.plant])).values()];
  const told: Theme | null = theme && THEMES[theme];
  const lead = placed.find((p) => p.role === 'thriller')?.plant;
  const idea = ideaOf(kinds, lead);
  const why = told?.holds(kinds) ? told.why(idea, kinds) : idea;
  const watch = report.findings.find((f) => f.severity !== 'good');
  const best = theme === 'classic' ? bestTime(planting) : null;
  return `${capital(over + hangs)}: ${why}${best ? `, ${best}` : ''}. ${watch ? watch.message : careOf(planting)}`;
}

/** A reason in its two parts: what stands in it, and why and what to do. */
export function reasonParts(reason: string): { what: string; why: string } {
  const at = reason.indexOf(': ');
  return at < 0 ? { what: reason, why: '' } : { what: reason.slice(0, at), why: capital(reason.slice(at + 2)) };
}
