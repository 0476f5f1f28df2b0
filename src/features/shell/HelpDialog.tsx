'use client';
import { Dialog } from 'radix-ui';
import { Button } from '@/ui/Button';
import { GLOSSARY, HELP, type HelpPage, SAFE } from './help-pages';
import { Pairs } from './Pairs';
import { SHORTCUTS } from './shortcuts';

/** Help for one page, what the words mean, the keys, and where one’s work is kept. */
export function HelpDialog({ page, onClose }: { page: HelpPage; onClose: () => void }) {
  const { title, about, how } = HELP[page];
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/25" />
        <Dialog.Content
          className="fixed inset-x-2 top-4 z-40 mx-auto flex max-h-[calc(100dvh-2rem)] max-w-xl flex-col gap-3 overflow-y-auto rounded-[4px] border border-line bg-ground p-4 text-[0.95rem] work:top-16"
          aria-describedby={undefined}
        >
          <div className="flex items-baseline gap-3">
            <Dialog.Title className="flex-1 text-[1.2rem] font-bold">Help: {title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button kind="bare">Close</Button>
            </Dialog.Close>
          </div>
          <p>{about}</p>
          <ul className="flex flex-col gap-1.5">
            {how.map((line) => (
              <li key={line} className="border-l-2 border-line pl-2.5">
                {line}
              </li>
            ))}
          </ul>
          {[
            { name: 'What the words mean', body: <Pairs pairs={GLOSSARY} /> },
            { name: 'Keyboard shortcuts', body: <Pairs pairs={SHORTCUTS} /> },
            {
              name: 'Where your work is kept',
              body: SAFE.map((line) => (
                <p key={line} className="pb-1 text-quiet">
                  {line}
                </p>
              )),
            },
          ].map(({ name, body }) => (
            <details key={name} className="border-t border-line pt-1.5 text-[0.9rem]">
              <summary className="cursor-pointer">{name}</summary>
              <div className="pt-1.5">{body}</div>
            </details>
          ))}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
