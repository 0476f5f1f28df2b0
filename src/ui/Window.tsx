'use client';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { Button } from './Button';

const WIDTHS = { narrow: 'max-w-xl', usual: 'max-w-3xl', broad: 'max-w-4xl' } as const;

interface Props {
  title: ReactNode;
  width: keyof typeof WIDTHS;
  onClose: () => void;
  /** What the way out is called. */
  close?: string;
  /** A press beside it does not close it: there is work in it that would be lost. */
  stays?: boolean;
  children: ReactNode;
}

/** A dialog over the page: its title, the way out, and what it is for, which scrolls within it. */
export function Window({ title, width, onClose, close = 'Close', stays = false, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed inset-x-2 top-[4vh] z-30 mx-auto flex max-h-[92vh] flex-col gap-3 rounded-[4px] border border-line bg-ground p-4 ${WIDTHS[width]}`}
          onPointerDownOutside={stays ? (e) => e.preventDefault() : undefined}
        >
          <header className="flex items-start justify-between gap-3">
            <Dialog.Title className="text-lg leading-tight">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button kind="bare">{close}</Button>
            </Dialog.Close>
          </header>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
