'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import { SCHEMES, schemeOf } from '@/core/colour/schemes';
import type { GroupProposal } from '@/core/compose/over/group';
import { MATERIALS } from '@/core/containers/materials';
import { describe } from '@/core/containers/describe';
import { type GuestsSetOut, joinedBy, type GuestsWanted } from '@/core/groups/guests';
import { type Scene, sceneOf } from '@/core/groups/scene';
import { type PotChoice, type PotPlace, potsFor } from '@/core/groups/pots';
import { GROUP_ROLES, GROUP_SIZES } from '@/core/groups/roles';
import { freshPlanting } from '@/core/plantings/fresh';
import { type Planting, type SchemeId, SchemeIdSchema } from '@/core/plantings/schema';
import { startDay } from '@/core/plantings/start-day';
import { formatLength, type UnitSystem } from '@/core/units/length';
import { savePlantings } from '@/storage/plantings';
import { Button } from '@/ui/Button';
import { Choose, ColourField } from '@/ui/Field';
import { Segments } from '@/ui/Segments';
import { newId } from '../shell/ids';
import { useKnown } from '../shell/known';
import { useOnce } from '../shell/useOnce';
import { tell } from '../shell/tell';
import { useArranging } from './arranging';
import { composeGroups, composeLeadsAhead } from './composing';
import { GroupCard } from './GroupCard';

const PLACES: { value: PotPlace['on']; text: string }[] = [
  { value: 'ground', text: 'Open ground' },
  { value: 'door', text: 'Next to the door' },
  { value: 'step', text: 'A step' },
  { value: 'sill', text: 'A windowsill' },
];
/** Sizes of a door, a step and a sill where the group has none. Working figures, mm. */
const DOOR = { widthMm: 900, heightMm: 2000 };
const STEP = { widthMm: 1800, deepMm: 350 };
const SILL = { widthMm: 1200, deepMm: 200 };

const COUNTS = Object.keys(GROUP_SIZES).map((n) => ({ value: n, text: n }));
const SCHEME_OPTIONS = SchemeIdSchema.options
  .filter((id) => id !== 'palette')
  .map((id) => ({ value: id, text: SCHEMES[id].label }));

function placeOf(on: PotPlace['on'], { group }: Scene): PotPlace {
  switch (on) {
    case 'ground':
      return { on };
    case 'door':
      return { on, door: group.openings.find((o) => o.kind === 'door') ?? DOOR };
    case 'step':
      return { on, step: group.ledges[0] ?? STEP };
    case 'sill':
      return { on, sill: group.ledges.find((l) => l.deepMm < STEP.deepMm) ?? SILL };
  }
}

/** A choice that stands so long is composed for ahead of being asked, ms. */
const SETTLED_MS = 300;

/** So far from the door it still stands next to it, mm. Working figure: a step. */
const NEXT_TO_MM = 800;

/** Where in the scene that is. */
function wantedAt(place: PotPlace, { group }: Scene): GuestsWanted {
  switch (place.on) {
    case 'ground':
      return {};
    case 'door':
      return { nearMm: group.openings.find((o) => o.kind === 'door')?.xMm };
    case 'step':
    case 'sill': {
      const { deepMm, widthMm } = place.on === 'step' ? place.step : place.sill;
      return { ledge: group.ledges.find((l) => l.deepMm === deepMm && l.widthMm === widthMm) ?? null };
    }
  }
}

/** Whether it stands where it was wanted, and if not, where. */
function whereItStands(place: PotPlace, { awayMm, onLedge }: GuestsSetOut, scene: Scene, units: UnitSystem): string {
  const door = scene.group.openings.find((o) => o.kind === 'door');
  const fromDoor = door ? awayMm - door.widthMm / 2 : 0;
  if (place.on === 'door' && !door)
    return 'There is no door here yet: add one under Wall, door, windows, steps and path.';
  if (place.on === 'door' && fromDoor > NEXT_TO_MM)
    return `No room next to the door: the nearest free place is ${formatLength(fromDoor, units)} from it.`;
  if (place.on === 'step' && !onLedge) return 'No room on the step: they stand on the ground.';
  return place.on === 'sill' && !onLedge ? 'No room on the windowsill: they stand on the ground.' : '';
}

/** What a group is composed for: the spot of a container that stands there, planted as soon as the season allows. */
const begun = ({ spot }: Planting, brief: Partial<Planting['brief']>, today: string): Planting => {
  const plain = freshPlanting('group', 'Group', today);
  return { ...plain, spot, startDate: startDay(spot, today), brief: { ...plain.brief, budget: null, ...brief } };
};

/** A scheme for the place, a role for each pot, and groups composed for them: pots first, then what grows in them. */
export function ComposeGroup({
  scene,
  base,
  units,
  today,
  onClose,
}: {
  scene: Scene;
  /** A container of the place: its spot and season are theirs. */
  base: Planting;
  units: UnitSystem;
  today: string;
  onClose: () => void;
}) {
  const known = useKnown();
  const change = useArranging((a) => a.change);
  const [count, setCount] = useState('3');
  const [on, setOn] = useState<PotPlace['on']>('ground');
  const [scheme, setScheme] = useState<SchemeId>(base.brief.scheme);
  const [from, setFrom] = useState(base.brief.from ?? '#7d5ba6');
  const [work, setWork] = useState<{ done: number; found: readonly GroupProposal[]; busy: boolean } | null>(null);
  const running = useRef<(() => void) | null>(null);
  const seed = useRef(0);
  const { busy, once } = useOnce();
  useEffect(() => () => running.current?.(), []);
  const owned = useMemo(() => scene.bodies.map((b) => b.planting.container), [scene]);
  const pots: PotChoice[] = useMemo(
    () => potsFor(placeOf(on, scene), GROUP_SIZES[Number(count)] ?? [], base.spot, scene.group.wall, owned),
    [on, scene, count, base.spot, owned],
  );
  const asksColour = schemeOf({ ...base.brief, scheme }).from === 'must';
  const asked = useMemo(
    () => begun(base, { scheme, from: asksColour ? from : null }, today),
    [base, scheme, asksColour, from, today],
  );
  const idle = !work?.busy;
  useEffect(() => {
    if (!known.ready || !idle) return undefined;
    const soon = setTimeout(
      () => composeLeadsAhead({ base: asked, pots, seed: seed.current + 1, mine: known.mine }),
      SETTLED_MS,
    );
    return () => clearTimeout(soon);
  }, [asked, pots, known.ready, known.mine, idle]);
  const start = () => {
    running.current?.();
    seed.current += 1;
    setWork({ done: 0, found: [], busy: true });
    const { found, stop } = composeGroups({
      base: asked,
      pots,
      seed: seed.current,
      mine: known.mine,
      onFound: (done, sofar) => running.current === stop && setWork({ done, found: sofar, busy: true }),
    });
    running.current = stop;
    found
      .then((all) => running.current === stop && setWork({ done: 1, found: all, busy: false }))
      .catch((e: unknown) => {
        if (running.current !== stop) return;
        setWork(null);
        tell.problem('No group was composed', e instanceof Error ? e.message : String(e));
      });
  };
  const stopNow = () => {
    running.current?.();
    running.current = null;
    setWork((w) => w && { ...w, busy: false });
  };
  const take = async (of: GroupProposal) => {
    const ids = new Map(of.members.map((m) => [m.planting.id, newId()]));
    const made = of.members.map((m) => ({ ...m.planting, id: ids.get(m.planting.id) ?? newId() }));
    const named = (id: string): string => [...ids].reduce((text, [was, now]) => text.replace(was, now), id);
    const stands = of.group.stands.map((s) => ({ ...s, id: named(s.id), of: named(s.of) }));
    await savePlantings(made);
    const place = placeOf(on, scene);
    const guests = sceneOf({ ...of.group, stands }, made, made[0]?.startDate ?? today);
    const joined = joinedBy(scene, guests, wantedAt(place, scene));
    change('Set out a group', joined.group);
    tell.done([`${made.length} containers added.`, whereItStands(place, joined, scene, units)].join(' ').trim());
    onClose();
  };
  return (
    <section aria-label="Compose a group" className="grid gap-x-6 gap-y-3 pt-2 work:grid-cols-[17rem_minmax(0,1fr)]">
      <form
        className="flex flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          start();
        }}
      >
        <h2 className="text-[1.05rem]">Compose a group</h2>
        <Segments label="How many" value={count} options={COUNTS} onChange={setCount} />
        <Choose label="Where" value={on} options={PLACES} onChange={setOn} />
        <Choose label="Colour scheme" value={scheme} options={SCHEME_OPTIONS} onChange={setScheme} />
        {asksColour && <ColourField label="From this colour" value={from} onChange={setFrom} />}
        <Pots pots={pots} units={units} />
        <div className="flex flex-wrap gap-2">
          <Button kind="deep" type="submit" disabled={work?.busy ?? !known.ready}>
            {work ? 'Compose again' : 'Compose'}
          </Button>
          {work?.busy && <Button onClick={stopNow}>Stop</Button>}
          <Button kind="bare" onClick={onClose}>
            Back to the group
          </Button>
        </div>
      </form>
      <div aria-live="polite" className="flex min-w-0 flex-col gap-4">
        {work === null && (
          <p className="max-w-[44ch] text-quiet">
            The main container comes first. The others share one of its plants, its colours and its light. Containers
            with the same role are identical.
          </p>
        )}
        {work?.busy && (
          <p className="flex items-center gap-3 text-quiet">
            <progress max={1} value={Math.max(0.06, work.done)} className="bar h-1.5 w-40" aria-label="Composing" />{' '}
            Composing
            {work.found.length > 0 ? ` … ${work.found.length} so far` : ' the main containers…'}
          </p>
        )}
        {work?.found.map((g) => (
          <GroupCard key={g.reason} of={g} busy={busy} onTake={() => once(() => take(g))} />
        ))}
        {work && !work.busy && work.found.length === 0 && (
          <p>No group works here. Try another colour scheme or fewer containers.</p>
        )}
      </div>
    </section>
  );
}

/** The pots that were chosen for the roles, each with its reasons. */
function Pots({ pots, units }: { pots: readonly PotChoice[]; units: UnitSystem }) {
  const kinds = pots.filter((p, i) => pots.findIndex((o) => o.role === p.role) === i);
  return (
    <ul aria-label="Containers" className="flex flex-col gap-2 text-[0.9rem]">
      {kinds.map((p) => {
        const many = pots.filter((o) => o.role === p.role).length;
        return (
          <li key={p.role} className="border-l-[3px] pl-2" style={{ borderColor: p.container.colour }}>
            <span className="font-semibold">
              {GROUP_ROLES[p.role].label}
              {many > 1 && ` × ${many}`}
            </span>
            , {GROUP_ROLES[p.role].about}: {describe(p.container, units)},{' '}
            {MATERIALS[p.container.material].label.toLowerCase()}.
            {p.why.map((w) => (
              <span key={w.says} className="block text-quiet" title={w.source}>
                {w.says}
              </span>
            ))}
          </li>
        );
      })}
    </ul>
  );
}
