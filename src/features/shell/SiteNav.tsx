'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { Button, buttonLook } from '@/ui/Button';
import { HelpButton } from './HelpButton';
import type { HelpPage } from './help-pages';

const Preferences = dynamic(() => import('./Preferences').then((m) => m.Preferences), {
  ssr: false,
  loading: () => (
    <Button kind="bare" className="px-1.5! sm:px-2!" disabled>
      Settings
    </Button>
  ),
});

const PAGES = [
  { page: 'bench', text: 'Bench', href: '/' },
  { page: 'today', text: 'Today', href: '/today' },
  { page: 'group', text: 'Together', href: '/group' },
  { page: 'library', text: 'Library', href: '/library' },
] as const;

/** The way to every other page, from every page. `pot` is the container one comes from, `place` its place. */
export function SiteNav({ here, pot, place }: { here: HelpPage; pot?: string; place?: string }) {
  const query = { library: pot && `?for=${pot}`, group: place && `?place=${encodeURIComponent(place)}` };
  return (
    <nav aria-label="Main" className="flex flex-wrap items-center print:hidden">
      {PAGES.map(({ page, text, href }) => (
        <Link
          key={page}
          href={`${href}${(page === 'library' || page === 'group') && query[page] ? query[page] : ''}`}
          prefetch={false}
          aria-current={page === here ? 'page' : undefined}
          className={`${buttonLook('bare')} px-1.5! sm:px-2! ${page === here ? 'font-semibold text-ink!' : ''}`}
        >
          {text}
        </Link>
      ))}
      <Preferences />
      <HelpButton page={here} />
    </nav>
  );
}
