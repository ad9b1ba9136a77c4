import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Shell } from '@/ui/frame/Shell';
import { headingFont, textFont } from './fonts';
import './globals.css';
import { asking } from './data';
import { preferences } from './preferences';

export const metadata: Metadata = {
  title: 'Mellow Divot',
  description: 'Bunker shots prescribed, explained, logged and learnt.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const chosen = await preferences();
  const who = await asking();
  const signedIn = who && who.role !== 'player' ? { name: who.name, role: who.role } : null;
  return (
    <html
      lang="en"
      data-theme={chosen.theme}
      className={`${headingFont.variable} ${textFont.variable}`}
    >
      <body>
        <Shell {...chosen} who={signedIn}>
          {children}
        </Shell>
      </body>
    </html>
  );
}
