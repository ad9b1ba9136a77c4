import { t } from '@/core/tell/language/t';
import type { Metadata, Viewport } from 'next';
import Script from 'next/script';
import type { ReactNode } from 'react';
import { spoken } from '@/core/tell/language/language';
import { Shell } from '@/ui/frame/Shell';
import { headingFont, textFont } from './fonts';
import './globals.css';
import { scriptAddress } from './language';
import { asking } from './data';
import { preferences } from './preferences';

export const generateMetadata = (): Metadata => ({
  title: 'Mellow Divot',
  description: t('Bunker shots prescribed, explained, logged and learned.'),
});

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const chosen = await preferences();
  const who = await asking();
  const signedIn =
    who && who.role !== 'player'
      ? { name: who.name, role: who.role, paired: who.lesson !== null }
      : null;
  const { language } = spoken();
  return (
    <html
      lang={language}
      data-theme={chosen.theme}
      className={`${headingFont.variable} ${textFont.variable}`}
    >
      <body>
        {language !== 'en' && <Script src={scriptAddress(language)} strategy="beforeInteractive" />}
        <Shell {...chosen} who={signedIn}>
          {children}
        </Shell>
      </body>
    </html>
  );
}
