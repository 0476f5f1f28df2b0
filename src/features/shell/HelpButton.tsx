'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { Button } from '@/ui/Button';
import type { HelpPage } from './help-pages';

const HelpDialog = dynamic(() => import('./HelpDialog').then((m) => m.HelpDialog), { ssr: false });

/** Opens help for a page: at a press, or at a question mark from anywhere but a text field. */
export function HelpButton({ page }: { page: HelpPage }) {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const el = e.target as HTMLElement | null;
      if (e.key !== '?' || el?.closest('input:not([type=range]):not([type=radio]), textarea, select')) return;
      e.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <Button kind="bare" className="px-1.5! sm:px-2!" aria-keyshortcuts="?" onClick={() => setOpen(true)}>
        Help
      </Button>
      {open && <HelpDialog page={page} onClose={() => setOpen(false)} />}
    </>
  );
}
