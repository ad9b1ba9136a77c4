'use client';

import { t } from '@/core/tell/language/t';
import { Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { emptyPlace, type Place } from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { counted } from '@/core/tell/words/counted';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { FileButton } from '../kit/FileButton';
import { IconButton } from '../kit/IconButton';
import { lookAgain } from '../server/cache';
import { ask, askWithText, bodyOf, saidOf } from '../server/client';
import { isDone, remove } from '../server/said';
import { PlanShapes } from './plan/PlanShapes';
import { fitting, planScale } from './plan/view';

const PLACES = ['places'];

/** Ground that was drawn, and ways to more of it. */
export function GroundPage(props: { places: readonly StoredPlace[] }) {
  const cache = useQueryClient();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [mended, setMended] = useState<{ id: string; lines: readonly string[] } | null>(null);
  const { data: places } = useQuery({
    queryKey: PLACES,
    queryFn: () => bodyOf(ask<readonly StoredPlace[]>('/api/places')),
    initialData: props.places,
  });
  const saved = async (place: Place): Promise<string | null> => {
    const id = uuid();
    return isDone(await ask(`/api/places/${id}?from=`, 'PUT', place)) ? id : null;
  };
  const begin = async (): Promise<void> => {
    const id = await saved(emptyPlace(t('New ground')));
    if (id) router.push(`/ground/${id}`);
  };
  const take = async (text: string): Promise<void> => {
    setFault(null);
    const read = await askWithText<{ place: Place; mended: string[] }>('/api/places/import', text);
    if (read.kind !== 'ok') return setFault(saidOf(read));
    const id = await saved(read.body.place);
    if (!id) return;
    if (read.body.mended.length === 0) return router.push(`/ground/${id}`);
    setMended({ id, lines: read.body.mended });
    await lookAgain(cache, PLACES);
  };
  return (
    <>
      <TopBar room="Ground" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Ground')}</h1>
          <button type="button" className="button-main" onClick={() => void begin()}>
            {t('Draw new ground')}
          </button>
          <FileButton
            accept=".geojson,.json,application/geo+json"
            onText={(text) => void take(text)}
          >
            {t('Import GeoJSON')}
          </FileButton>
        </header>
        <p className="mt-2 max-w-[65ch]">
          {t(
            'Draw a bunker once. After that the reading comes from where the ball lies and which flag is cut.',
          )}
        </p>
        {fault && <Alert className="mt-3">{fault}</Alert>}
        {mended && (
          <section aria-labelledby="mended" className="mt-3 rounded border-2 border-flag p-3">
            <h2 id="mended" className="text-lg">
              {t('Imported, with some corrections')}
            </h2>
            <ul className="list-disc pl-5">
              {mended.lines.slice(0, 20).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <Link prefetch={false} href={`/ground/${mended.id}`} className="button mt-2">
              {t('Open it')}
            </Link>
          </section>
        )}
        {places.length === 0 ? (
          <p className="mt-6 text-lg">{t('Nothing is drawn yet.')}</p>
        ) : (
          <ul className="mt-5 grid grid-cols-[repeat(auto-fill,minmax(18rem,1fr))] gap-4">
            {places.map((stored) => (
              <PlaceTile
                key={stored.id}
                stored={stored}
                onDelete={() =>
                  void remove(`/api/places/${stored.id}`, stored.place.name, () =>
                    lookAgain(cache, PLACES),
                  )
                }
              />
            ))}
          </ul>
        )}
        <p className="mt-4">
          <DeletedLink />
        </p>
      </main>
    </>
  );
}

const TILE = { width: 320, height: 190 };

/** A place in small. */
function PlaceTile({ stored, onDelete }: { stored: StoredPlace; onDelete: () => void }) {
  const { id, place } = stored;
  const drawn = drawnPlace(place);
  const scale = planScale(
    TILE,
    fitting(
      drawn.shapes.flatMap(({ ring }) => ring),
      TILE,
    ),
  );
  return (
    <li className="overflow-hidden rounded border-2 border-hairline">
      <Link
        prefetch={false}
        href={`/ground/${id}`}
        className="block hover:bg-flag-wash hover:text-on-flag"
      >
        <svg
          viewBox={`0 0 ${TILE.width} ${TILE.height}`}
          aria-hidden="true"
          className="block w-full"
        >
          <rect {...TILE} fill="var(--turf)" />
          <PlanShapes place={drawn} scale={scale} chosen={null} />
        </svg>
        <span className="block px-3 pt-2 text-lg font-semibold">{place.name}</span>
        <span className="block px-3 text-sm">
          {counted(place.bunkers.length, 'bunker', 'bunkers')},{' '}
          {counted(place.greens.length, 'green', 'greens')}
        </span>
      </Link>
      <div className="flex justify-end px-1">
        <IconButton harm label={t('Delete {place}', { place: place.name })} onClick={onDelete}>
          <Trash2 size={18} aria-hidden="true" />
        </IconButton>
      </div>
    </li>
  );
}
