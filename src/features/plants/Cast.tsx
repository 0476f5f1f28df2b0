'use client';
import { ROLES, type Role } from '@/core/plants/traits';
import { fateOf } from '@/core/growth/fate';
import type { Season } from '@/core/growth/grown';
import { spanOfSize } from '@/core/growth/sure';
import type { Planting } from '@/core/plantings/schema';
import { formatLengthSpan } from '@/core/units/length';
import type { Placed } from '@/core/plantings/resolve';
import { Button } from '@/ui/Button';
import { countOf } from '@/ui/words';
import { PlantGlyph } from '@/ui/PlantGlyph';
import { point, usePointing } from '../shell/pointing';
import { useUnits } from '../shell/units';

const HEAD: Record<Role, string> = { thriller: 'Thriller', filler: 'Fillers', spiller: 'Spillers' };

interface Entry {
  placed: Placed;
  ids: string[];
  /** Of them alive in the week that is looked at. */
  standing: number;
  heightMm: number;
  trailMm: number;
  /** What became of all of them, or null while any lives. */
  fate: string | null;
}

/** So many as stand in the week: not those that were lifted before it; all of them where none stands. */
const manyOf = ({ standing, ids }: Entry): number => standing || ids.length;

/** What hangs less is not worth a word. Working figure. */
const HANGS_FROM_MM = 80;
const hanging = ({ trailMm }: Entry): boolean => trailMm > HANGS_FROM_MM;

/** The cast by role: each kind once, with how many, and its size in the judged week. */
export function Cast({
  season,
  learned,
  week,
  found,
  onCompose,
  onRemake,
  onAdd,
}: {
  season: Season;
  /** What was measured of these plants: it narrows the spans. */
  learned: Planting['learned'];
  week: number;
  found: { count: number; look: () => void } | null;
  onCompose: () => void;
  onRemake: () => void;
  onAdd: () => void;
}) {
  const lit = usePointing((p) => p.lit);
  const chosen = usePointing((p) => p.chosen);
  const units = useUnits((u) => u.units);
  const sizes = season.weeks[week]?.plants ?? [];
  const entries = new Map<string, Entry>();
  season.placed.forEach((placed, i) => {
    const key = `${placed.role}|${placed.plant.id}|${placed.start}`;
    const g = sizes[i];
    const e = entries.get(key) ?? { placed, ids: [], standing: 0, heightMm: 0, trailMm: 0, fate: g ? fateOf(g) : null };
    e.ids.push(placed.id);
    if (g?.alive) {
      e.standing += 1;
      e.heightMm = Math.max(e.heightMm, g.heightMm);
      e.trailMm = Math.max(e.trailMm, g.trailMm);
      e.fate = null;
    }
    entries.set(key, e);
  });
  const list = [...entries.values()];
  return (
    <div className="flex flex-col gap-2">
      {ROLES.map((role) => {
        const of = list.filter((e) => e.placed.role === role);
        if (of.length === 0) return null;
        return (
          <section key={role}>
            <header className="hair flex items-baseline justify-between pb-1">
              <h2 className="text-[0.93rem] text-quiet">{HEAD[role]}</h2>
              <span className="text-[0.88rem] text-quiet">
                {of.length} {of.length === 1 ? 'kind' : 'kinds'}
              </span>
            </header>
            <ul>
              {of.map((e) => {
                const { plant } = e.placed;
                const on = e.ids.some((id) => lit?.includes(id) || chosen === id);
                return (
                  <li key={plant.id + e.placed.start} className="hair">
                    <button
                      type="button"
                      className={`grid w-full grid-cols-[34px_1fr] items-center gap-x-2 py-1 text-left ${on ? 'bg-stream' : 'hover:bg-stream/60'}`}
                      aria-pressed={e.ids.includes(chosen ?? '')}
                      onClick={() => point({ chosen: e.ids[(e.ids.indexOf(chosen ?? '') + 1) % e.ids.length] ?? null })}
                      onPointerEnter={() => point({ lit: e.ids })}
                      onPointerLeave={() => point({ lit: null })}
                      onFocus={() => point({ lit: e.ids })}
                      onBlur={() => point({ lit: null })}
                    >
                      <PlantGlyph plant={plant} />
                      {/* Name over colour; beside them how tall it stands over how far it hangs. */}
                      <span className="grid min-w-0 grid-cols-[minmax(0,1fr)_auto_auto] items-baseline gap-x-2 text-[0.84rem] leading-tight text-quiet">
                        <span className="col-span-2 truncate text-[0.95rem] text-ink">
                          <span className="font-semibold">{plant.common}</span>
                          {manyOf(e) > 1 && <span className="text-quiet"> × {manyOf(e)}</span>}
                        </span>
                        <span className={`row-start-2 truncate ${hanging(e) ? '' : 'col-span-3'}`}>
                          {plant.variety || plant.botanical}
                        </span>
                        <span className={`col-start-3 row-start-1 text-[0.86rem] ${e.fate ? '' : 'text-ink'}`}>
                          {e.fate ?? formatLengthSpan(spanOfSize(plant, 'heightMm', e.heightMm, learned), units)}
                        </span>
                        {hanging(e) && (
                          <span className="col-span-2 col-start-2 row-start-2 justify-self-end whitespace-nowrap">
                            trails {formatLengthSpan(spanOfSize(plant, 'trailMm', e.trailMm, learned), units)}
                          </span>
                        )}
                      </span>
                    </button>
                  </li>
                );
              })}
            </ul>
          </section>
        );
      })}
      <div className="flex flex-wrap gap-2 pt-1">
        <Button kind="deep" onClick={onCompose}>
          Compose again
        </Button>
        <Button onClick={onRemake}>Change the planting</Button>
        <Button onClick={onAdd}>Add a plant</Button>
        {found && <Button onClick={found.look}>See the {countOf(found.count, 'proposal')} again</Button>}
      </div>
      <p className="text-[0.82rem] text-quiet">
        Select a plant to swap, resize, keep or remove it. Drag root balls on the plan to move them.
      </p>
    </div>
  );
}
