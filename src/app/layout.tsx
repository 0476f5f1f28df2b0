import '@fontsource-variable/bricolage-grotesque/standard.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { KeepFocus } from '@/features/shell/KeepFocus';
import { KeepOpen } from '@/features/shell/KeepOpen';
import { NewDay } from '@/features/shell/NewDay';
import { Toasts } from '@/features/shell/Toasts';

export const metadata: Metadata = {
  title: { default: 'Rillbank', template: '%s · Rillbank' },
  description: 'Design, plant and care for mixed containers.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#e9eeea' };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{
            __html:
              "try{var t=localStorage.getItem('rillbank.theme');if(t)document.documentElement.dataset.theme=t}catch(e){}",
          }}
        />
      </head>
      <body>
        {children}
        <KeepFocus />
        <KeepOpen />
        <NewDay />
        <Toasts />
      </body>
    </html>
  );
}
