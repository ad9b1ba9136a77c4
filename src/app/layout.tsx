import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { PREFERENCE_COOKIES, themeFrom } from '@/ui/frame/preferences';
import { headingFont, textFont } from './fonts';
import './globals.css';

export const metadata: Metadata = {
  title: 'Mellow Divot',
  description: 'Bunker shots prescribed, explained, logged and learnt.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const theme = themeFrom((await cookies()).get(PREFERENCE_COOKIES.theme)?.value);
  return (
    <html lang="en" data-theme={theme} className={`${headingFont.variable} ${textFont.variable}`}>
      <body>{children}</body>
    </html>
  );
}
