import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Shell } from '@/ui/frame/Shell';
import { headingFont, textFont } from './fonts';
import './globals.css';
import { preferences } from './preferences';

export const metadata: Metadata = {
  title: 'Mellow Divot',
  description: 'Bunker shots prescribed, explained, logged and learnt.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const chosen = await preferences();
  return (
    <html
      lang="en"
      data-theme={chosen.theme}
      className={`${headingFont.variable} ${textFont.variable}`}
    >
      <body>
        <Shell {...chosen}>{children}</Shell>
      </body>
    </html>
  );
}
