'use client';

import { t } from '@/core/tell/language/t';
import { Copy, Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useDebounce } from 'use-debounce';
import { IconButton } from '../../kit/IconButton';
import { DeletedLink } from '../../frame/DeletedLink';
import { Overlay, type Closable } from '../../kit/Overlay';
import type { KeptReading } from '@/core/contract/reading/kept';
import { calledWords } from '@/core/tell/sheet/calledLine';
import { useDrafts, useReadingChanges, useReadings } from '../state/useReadings';
import { Alert } from '../../kit/Alert';
import { sayAgo } from '../../kit/day';

interface ReadingsDrawerProps extends Closable {
  /** All that are kept, as they came with the page. */
  first: readonly KeptReading[];
  onReopen: (reading: Pick<KeptReading, 'playerId' | 'shot'>) => void;
}

const SEARCH_PAUSE_MS = 200;

/** The saved readings, newest first, and the drafts that nobody kept. */
export function ReadingsDrawer({ onClose, ...body }: ReadingsDrawerProps) {
  return (
    <Overlay title={t('Readings')} shape="drawer" onClose={onClose}>
      <DrawerBody {...body} />
    </Overlay>
  );
}

function DrawerBody({ first, onReopen }: Omit<ReadingsDrawerProps, keyof Closable>) {
  const [search, setSearch] = useState('');
  const [asked] = useDebounce(search, SEARCH_PAUSE_MS);
  const { readings, fault } = useReadings(asked, first);
  const drafts = useDrafts();
  const { duplicate, remove } = useReadingChanges();

  return (
    <>
      <label className="sr-only" htmlFor="find-reading">
        {t('Find a reading')}
      </label>
      <input
        id="find-reading"
        type="search"
        value={search}
        maxLength={120}
        autoComplete="off"
        placeholder={t('Find by name, player or club')}
        onChange={(event) => setSearch(event.target.value)}
        className="box mb-2 w-full shrink-0 px-3"
      />
      {fault && <Alert>{fault}</Alert>}
      {readings.length === 0 &&
        !fault &&
        (asked === '' ? (
          <p className="leading-relaxed">
            {t(
              'No readings saved yet. Set the sentence at the desk to the shot in front of you, then press',
            )}{' '}
            <kbd className="rounded border border-hairline px-1.5">K</kbd> {t('to save it.')}
          </p>
        ) : (
          <p>{t('No saved reading has “{asked}” in its name, player or call.', { asked })}</p>
        ))}
      <ul className="-mx-2">
        {readings.map((reading) => (
          <Row
            key={reading.id}
            title={reading.name}
            under={[
              reading.playerName,
              calledWords(reading.called),
              ...(reading.learnt === null
                ? []
                : [t('player’s own numbers, version {learnt}', { learnt: reading.learnt })]),
            ].join(' · ')}
            savedAt={reading.savedAt}
            onOpen={() => onReopen(reading)}
          >
            <IconButton
              label={t('Duplicate {reading}', { reading: reading.name })}
              onClick={() => void duplicate(reading)}
            >
              <Copy size={17} aria-hidden="true" />
            </IconButton>
            <IconButton
              label={t('Delete {reading}', { reading: reading.name })}
              onClick={() => void remove(reading)}
              harm
            >
              <Trash2 size={18} aria-hidden="true" />
            </IconButton>
          </Row>
        ))}
      </ul>
      {drafts.length > 0 && search === '' && (
        <section aria-labelledby="drafts" className="mt-4">
          <h3 id="drafts" className="text-lg">
            {t('Drafts')}
          </h3>
          <p className="text-sm text-ink-soft">
            {t('Saved automatically while you work. The latest twenty are kept.')}
          </p>
          <ul className="-mx-2">
            {drafts.map((draft) => (
              <Row
                key={draft.id}
                title={draft.playerName}
                under={calledWords(draft.called)}
                savedAt={draft.savedAt}
                onOpen={() => onReopen(draft)}
              />
            ))}
          </ul>
        </section>
      )}
      <p className="mt-3">
        <DeletedLink />
      </p>
    </>
  );
}

function Row({
  title,
  under,
  savedAt,
  onOpen,
  children,
}: {
  title: string;
  under: string;
  savedAt: string;
  onOpen: () => void;
  children?: ReactNode;
}) {
  return (
    <li className="flex items-center border-b border-hairline last:border-0">
      <button
        type="button"
        onClick={onOpen}
        className="min-w-0 grow rounded px-2 py-2.5 text-left hover:bg-flag-wash hover:text-on-flag"
      >
        <span className="block truncate font-semibold">{title}</span>
        <span className="block text-sm">{under}</span>
        <time dateTime={savedAt} suppressHydrationWarning className="block text-sm text-ink-soft">
          {sayAgo(savedAt)}
        </time>
      </button>
      {children}
    </li>
  );
}
