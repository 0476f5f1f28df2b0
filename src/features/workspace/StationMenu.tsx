'use client';
import { useRouter } from 'next/navigation';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import dynamic from 'next/dynamic';
import type { Planting } from '@/core/plantings/schema';
import { Button } from '@/ui/Button';
import { StopMark, type Stop } from '@/ui/Stream';
import { nameOfLast } from '../shell/history';
import { STATIONS, type Station } from '../shell/stations';
import { useWorkspace } from '../shell/store';

const HelpDialog = dynamic(() => import('../shell/HelpDialog').then((m) => m.HelpDialog), { ssr: false });

const ITEM =
  'flex min-h-[44px] cursor-pointer items-center gap-3 px-3 outline-none data-[disabled]:opacity-45 data-[highlighted]:bg-glaze data-[highlighted]:text-onglaze';

/** On a narrow screen: the station one is at, and under it the others, the way back, and the library. */
export function StationMenu({
  planting,
  station,
  stops,
}: {
  planting: Planting;
  station: Station;
  stops: readonly Stop[];
}) {
  const router = useRouter();
  const [help, setHelp] = useState(false);
  const { history, undo, redo } = useWorkspace();
  const back = nameOfLast(history?.past ?? []);
  const forward = nameOfLast(history?.future ?? []);
  const wrong = stops.some((s) => s.state === 'wrong' && s.key !== station);
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger asChild>
          <Button className="min-h-[44px]! whitespace-nowrap" aria-label={`Pages: ${STATIONS[station].name}`}>
            {wrong && <StopMark state="wrong" here={false} />}
            {STATIONS[station].name}
            <svg width="10" height="6" viewBox="0 0 10 6" aria-hidden>
              <path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" strokeWidth="1.6" />
            </svg>
          </Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={4}
            className="z-30 min-w-52 rounded-[4px] border border-line bg-ground py-1"
          >
            {stops.map((s) => (
              <DropdownMenu.Item
                key={s.key}
                className={`${ITEM} ${s.key === station ? 'font-bold' : ''}`}
                aria-current={s.key === station ? 'page' : undefined}
                onSelect={() => router.push(s.href)}
              >
                <StopMark state={s.state} here={s.key === station} />
                {s.text}
                {s.state === 'wrong' && <span className="sr-only">, problem here</span>}
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Separator className="my-1 border-t border-line" />
            <DropdownMenu.Item className={ITEM} disabled={!back} onSelect={undo}>
              {back ? `Undo: ${back}` : 'Nothing to undo'}
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={!forward} onSelect={redo}>
              {forward ? `Redo: ${forward}` : 'Nothing to redo'}
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="my-1 border-t border-line" />
            <DropdownMenu.Item className={ITEM} onSelect={() => setHelp(true)}>
              Help
            </DropdownMenu.Item>
            {[
              ['Bench', '/'],
              ['Today', '/today'],
              ['Together', `/group?place=${encodeURIComponent(planting.spot.name)}`],
              ['Library', `/library?for=${planting.id}`],
            ].map(([text = '', href = '/']) => (
              <DropdownMenu.Item key={text} className={ITEM} onSelect={() => router.push(href)}>
                {text}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {help && <HelpDialog page={station} onClose={() => setHelp(false)} />}
    </>
  );
}
