'use client';
import { useMemo } from 'react';
import { nameOf, type Scene } from '@/core/groups/scene';
import { inItsShade, isInItsShade, SHADE_MONTHS, type Shade, shadesOf } from '@/core/groups/shade';
import { MONTHS_SHORT } from '@/core/units/date';
import { mean } from '@/core/units/number';
import { Button } from '@/ui/Button';
import { countOf } from '@/ui/words';
import { told } from '../shell/doing';
import { keepChanged } from './changing';

/** The first, the middle and the last of the months. */
const SHOWN = [0, 2, 4] as const;
const hours = (h: number): string => (h < 0.05 ? '0' : h.toFixed(1));

/**
 * How much sun each container has among the others, May to September, and who takes the rest; their spots may
 * follow it.
 */
export function Light({ scene }: { scene: Scene }) {
  const shades = useMemo(() => shadesOf(scene), [scene]);
  if (shades.length === 0)
    return (
      <section aria-label="Light" className="text-[0.93rem]">
        <h2 className="hair pb-1.5 text-[0.95rem]">Which containers shade others?</h2>
        <p className="pt-2">
          You entered sun hours here, but not a direction. Set which way the wall faces under “Wall, door, windows,
          steps and path”.
        </p>
      </section>
    );
  const body = (id: string | null) => scene.bodies.find((b) => b.id === id);
  // Several of one container share a spot: it follows the one that gets least.
  const least = new Map<string, Shade>();
  for (const s of shades) {
    const of = body(s.id)?.of ?? s.id;
    const known = least.get(of);
    if (!known || mean(s.lostH) > mean(known.lostH)) least.set(of, s);
  }
  const stale = [...least].flatMap(([of, s]) => {
    const planting = scene.bodies.find((b) => b.of === of)?.planting;
    return planting && !isInItsShade(planting, s.taken) ? [{ planting, taken: s.taken }] : [];
  });
  const follow = () =>
    told(
      keepChanged(
        stale.map((s) => s.planting),
        stale.map((s) => inItsShade(s.planting, s.taken)),
        `Sun hours updated for ${countOf(stale.length, 'container')}`,
      ),
    );
  return (
    <section aria-label="Light" className="flex flex-col gap-2 text-[0.93rem]">
      <h2 className="hair pb-1.5 text-[0.95rem]">Which containers shade others?</h2>
      <table className="w-full border-collapse tabular-nums">
        <thead>
          <tr className="text-left text-quiet">
            <th scope="col" className="font-normal">
              Sun left, hours
            </th>
            {SHOWN.map((i) => (
              <th key={i} scope="col" className="pl-2.5 text-right font-normal">
                {MONTHS_SHORT[SHADE_MONTHS[i] - 1]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shades.map((s) => {
            const b = body(s.id);
            const by = body(s.by);
            return (
              <tr key={s.id} className="border-t border-line align-top">
                <th scope="row" className="py-1 pr-2 text-left font-semibold">
                  {b && nameOf(b)}
                  {by && mean(s.lostH) >= 0.1 && (
                    <span className="block font-normal text-quiet">
                      {hours(mean(s.lostH))} h lost, mostly to {nameOf(by)}
                    </span>
                  )}
                </th>
                {SHOWN.map((i) => (
                  <td key={i} className="py-1 pl-2.5 text-right">
                    {hours((s.sunH[i] ?? 0) - (s.lostH[i] ?? 0))}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      {stale.length > 0 ? (
        <>
          <p>
            {stale.map((s) => s.planting.name).join(', ')} {stale.length === 1 ? 'still uses' : 'still use'} different
            sun hours from those here.
          </p>
          <Button className="self-start" onClick={follow}>
            Use these sun hours
          </Button>
        </>
      ) : (
        <p className="text-quiet">Every container already uses the sun it gets here.</p>
      )}
    </section>
  );
}
