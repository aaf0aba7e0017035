import '@fontsource-variable/bricolage-grotesque';
import '@fontsource-variable/figtree';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { OfflineKeeper } from './_components/offline-keeper';
import { keepEarlyInput } from '@/ui/early-input';
import { EarlyInputReplayed } from '@/ui/early-input-replayed';
import { Messages } from '@/ui/messages';

export const metadata: Metadata = {
  description: 'Forecasts this batch in this fryer, says when to shake, check and pull, and remembers.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#e6e9e3' };

export default async function RootLayout({ children }: { children: ReactNode }) {
  /* a nonce for every request needs dynamic rendering */
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en">
      <body>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: `(${keepEarlyInput})()` }} />
        {children}
        <Messages />
        <OfflineKeeper />
        <EarlyInputReplayed />
      </body>
    </html>
  );
}
