import type { Report } from '../balance/finding';
import { factsOf } from '../plants/facts';
import { called } from '../plants/called';
import type { Plant } from '../plants/schema';
import type { Planting } from '../plantings/schema';
import { resolve } from '../plantings/resolve';
import { listed } from '../units/listed';
import { ideaOf } from './idea';
import { type Theme, type ThemeId, THEMES } from './themes';

const capital = (t: string): string => t[0]?.toUpperCase() + t.slice(1);

/** What one hand has to do, by the rhythm most of it keeps. */
function care(planting: Planting): string {
  const rhythms = resolve(planting).map((p) => factsOf(p.plant).rhythm);
  const moist = rhythms.filter((r) => r === 'evenly moist' || r === 'stands wet').length > rhythms.length / 2;
  const deadhead = resolve(planting).some((p) => p.plant.deadhead === 'needed');
  return `${moist ? 'Water before it dries' : 'Water when the top is dry'}, feed weekly${deadhead ? ', and pick off dead flowers' : ''}.`;
}

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
  return `${capital(over + hangs)}: ${why}. ${watch ? watch.message : care(planting)}`;
}
