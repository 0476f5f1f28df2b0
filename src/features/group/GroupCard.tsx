'use client';
import type { GroupProposal } from '@/core/compose/over/group';
import { kindsIn } from '@/core/plantings/kinds';
import { Button } from '@/ui/Button';
import { useWidth } from '@/ui/useWidth';
import { countOf } from '@/ui/words';
import { pictureSize, PotPicture } from '../pictures/PotPicture';

/** Portraits of a group are no larger than this, px for a mm. */
const MOST_SCALE = 0.28;

/** A group that is proposed: its containers at one scale, its idea, and what is in each. */
export function GroupCard({ of, busy, onTake }: { of: GroupProposal; busy: boolean; onTake: () => void }) {
  const [box, width] = useWidth();
  // Each as often as it stands there, from left to right as they are set out.
  const stands = [...of.group.stands].sort((a, b) => a.xMm - b.xMm);
  const plantings = stands.flatMap((s) => of.members.find((m) => m.planting.id === s.of)?.planting ?? []);
  const wide = plantings.reduce((w, p) => w + pictureSize(p, 1).w, 0);
  const scale = Math.min(MOST_SCALE, Math.max(0.05, (width - 8) / Math.max(1, wide)));
  const watched = of.findings.filter((f) => f.severity !== 'good');
  return (
    <article className="border-t border-line pt-2">
      <div ref={box} className="flex w-full items-end border-b-[3px] border-ink">
        {plantings.map((p, i) => (
          <PotPicture key={stands[i]?.id} planting={p} scale={scale} className="pb-1" />
        ))}
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1 pt-2">
        <div className="min-w-0 flex-1 text-[0.93rem]">
          <p className="font-semibold">{of.reason}</p>
          {of.members.map((m) => (
            <p key={m.role} className="text-quiet">
              {m.planting.name}
              {m.planting.container.count > 1 && ` × ${m.planting.container.count}`}: {kindsIn(m.planting)}
            </p>
          ))}
          <p className="text-quiet">
            {watched.length === 0
              ? 'No concerns about the group.'
              : `${countOf(watched.length, 'concern')}: ${watched.map((f) => f.message).join(' ')}`}
          </p>
        </div>
        <span className="text-[1.3rem] font-bold tabular-nums" aria-label={`${of.score} of 100`}>
          {of.score}
        </span>
        <Button kind="deep" disabled={busy} onClick={onTake}>
          Use this group
        </Button>
      </div>
    </article>
  );
}
