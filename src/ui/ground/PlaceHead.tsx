'use client';

import { capital } from '@/core/tell/words/capital';
import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import type { RefObject } from 'react';
import { toast } from 'sonner';
import { Alert } from '../kit/Alert';
import { savePng, save, svgText } from '../kit/files';
import { SaveMenu, type Saved } from '../kit/SaveMenu';
import type { usePlace } from './usePlace';

interface PlaceHeadProps {
  ground: ReturnType<typeof usePlace>;
  id: string;
  /** The plan, and the section where there is one. */
  drawing: RefObject<SVGSVGElement | null>;
  section: RefObject<SVGSVGElement | null>;
}

type DrawingRef = PlaceHeadProps['drawing'];

const DRAWINGS = told({ plan: 'the plan', section: 'the section' });

/** A drawing as what it can be saved as; where there is none on the page nothing is saved, and that is said. */
function picturesOf(name: 'plan' | 'section', drawing: DrawingRef): Saved[] {
  const made = (file: (svg: SVGSVGElement) => void) => () => {
    if (drawing.current) file(drawing.current);
    else toast.error(t('Nothing to save yet: put a ball in the sand under Play.'));
  };
  return [
    {
      name: t('{drawing} as SVG', { drawing: capital(DRAWINGS[name]) }),
      act: made((svg) => save(`${name}.svg`, svgText(svg), 'image/svg+xml')),
    },
    {
      name: t('{drawing} as PNG', { drawing: capital(DRAWINGS[name]) }),
      act: made((svg) => void savePng(`${name}.png`, svg)),
    },
  ];
}

const SAVED_WORDS = told({ saved: 'All changes saved', saving: 'Saving …' } as const);

/** Name of a place, how it stands with the server, and what it can be saved as. */
export function PlaceHead({ ground, id, drawing, section }: PlaceHeadProps) {
  const { place, change, saving } = ground;
  return (
    <header className="mb-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 className="sr-only">{place.name}</h1>
        <input
          aria-label={t('Name of the ground')}
          value={place.name}
          maxLength={80}
          onChange={({ target }) => change({ ...place, name: target.value })}
          className="min-w-0 grow rounded border-2 border-transparent bg-transparent px-1 font-heading text-3xl hover:border-hairline max-sm:w-full max-sm:text-2xl"
        />
        <p role="status" className="text-sm text-ink-soft">
          {saving.state === 'saved' || saving.state === 'saving' ? SAVED_WORDS[saving.state] : ''}
        </p>
        <nav aria-label={t('This ground')} className="no-print flex flex-wrap items-center gap-x-4">
          <Link
            prefetch={false}
            href={`/ground/${id}/book`}
            className="py-2.5 underline underline-offset-4"
          >
            {t('Bunker book')}
          </Link>
          <SaveMenu
            items={[
              { name: t('The ground as GeoJSON'), href: `/api/places/${id}/export` },
              { name: t('Its corners as CSV'), href: `/api/places/${id}/export?as=csv` },
              ...picturesOf('plan', drawing),
              ...picturesOf('section', section),
            ]}
          />
        </nav>
      </div>
      {saving.state === 'unsaved' && (
        <div className="flex flex-wrap items-center gap-3">
          <Alert>{t('Not saved: {why}', { why: saving.why })}</Alert>
          <button type="button" className="button" onClick={ground.tryAgain}>
            {t('Try again')}
          </button>
        </div>
      )}
      {saving.state === 'elsewhere' && (
        <div className="flex flex-wrap items-center gap-3">
          <Alert>{t('This ground was changed on another device since you opened it.')}</Alert>
          <button type="button" className="button" onClick={() => ground.takeTheirs(saving.theirs)}>
            {t('Show the other version')}
          </button>
          <button type="button" className="button" onClick={() => ground.keepMine(saving.theirs)}>
            {t('Replace it with this version')}
          </button>
        </div>
      )}
    </header>
  );
}
