'use client';

import { t } from '@/core/tell/language/t';
import { Smartphone } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import { TopBar } from '../frame/TopBar';
import { useAssists } from '../frame/who';

const ToTheBunker = dynamic(() => import('./ToTheBunker').then((module) => module.ToTheBunker), {
  ssr: false,
});

/** The top of a lesson's page at the bunker, with the ways to its plan and review, and to a phone; an assistant has none of them. */
export function RunBar({ lessonId }: { lessonId: string }) {
  const [pairing, setPairing] = useState(false);
  const assists = useAssists();
  if (assists) return <TopBar room="Lessons" />;
  return (
    <>
      <TopBar room="Lessons">
        <button
          type="button"
          onClick={() => setPairing(true)}
          className="button-quiet flex items-center gap-1.5"
        >
          <Smartphone size={18} aria-hidden="true" />
          <span className="max-lg:sr-only">{t('Take it to the bunker')}</span>
        </button>
        <Link prefetch={false} href={`/lessons/${lessonId}/plan`} className="button-quiet">
          {t('Plan')}
        </Link>
        <Link
          prefetch={false}
          href={`/lessons/${lessonId}/review`}
          className="button-quiet font-semibold"
        >
          {t('Review')}
        </Link>
      </TopBar>
      {pairing && <ToTheBunker lessonId={lessonId} onClose={() => setPairing(false)} />}
    </>
  );
}
