'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import { v4 as uuid } from 'uuid';
import { TRAINED, type Trained } from '@/core/lesson/drills/drill';
import type { ListedDrill } from '@/core/lesson/drills/chosen';
import { TRAINED_WORDS } from '@/core/tell/drills/drillWords';
import { careOf } from '@/core/tell/drills/loadWords';
import { counted } from '@/core/tell/words/counted';
import { listed } from '@/core/tell/words/listed';
import { TopBar } from '../frame/TopBar';
import { Pick } from '../kit/fields';
import { FileButton } from '../kit/FileButton';
import { useUnits } from '../kit/units';
import { lookAgain } from '../server/cache';
import { ask, askWithText } from '../server/client';
import { isDone } from '../server/said';
import { PracticeNav } from '../frame/PracticeNav';
import { DrillDrawing } from './DrillDrawing';
import { DrillForm, plainDrill } from './DrillForm';
import { DRILLS, useDrills } from './useDrills';

const UNDO_MS = 10_000;

/** The drills: what each is for, how it is set up and counted; coaches add their own and change any. */
export function DrillsPage({ first }: { first: readonly ListedDrill[] }) {
  const cache = useQueryClient();
  const drills = useDrills(first);
  const [trains, setTrains] = useState<Trained | 'all'>('all');
  const [archived, setArchived] = useState(false);
  const [editing, setEditing] = useState<ListedDrill | 'new' | null>(null);
  const again = (): Promise<void> => lookAgain(cache, DRILLS);
  const shown = drills.filter(
    (drill) => drill.archived === archived && (trains === 'all' || drill.trains.includes(trains)),
  );
  const away = drills.filter((drill) => drill.archived).length;

  const archive = async (drill: ListedDrill, to: boolean): Promise<void> => {
    const at = `/api/drills/${drill.id}/archive`;
    if (!isDone(await ask(at, 'POST', { archived: to }))) return;
    toast(
      to
        ? t('Archived: {drill}', { drill: drill.name })
        : t('Offered again: {drill}', { drill: drill.name }),
      {
        duration: UNDO_MS,
        action: { label: t('Undo'), onClick: () => void archive(drill, !to) },
      },
    );
    await again();
  };
  const takeAway = async (drill: ListedDrill): Promise<void> => {
    const at = `/api/drills/${drill.id}`;
    if (!isDone(await ask(at, 'DELETE'))) return;
    const bringBack = async (): Promise<void> => {
      if (isDone(await ask(at, 'PUT', plainDrill(drill)))) await again();
    };
    toast(
      drill.from === 'own'
        ? t('Deleted: {drill}', { drill: drill.name })
        : t('“{drill}” is as it was at first', { drill: drill.name }),
      { duration: UNDO_MS, action: { label: t('Undo'), onClick: () => void bringBack() } },
    );
    await again();
  };
  const take = async (text: string): Promise<void> => {
    const answered = await askWithText<{ drills: number }>('/api/drills/import', text);
    if (!isDone(answered)) return;
    toast.success(t('{drills} imported.', { drills: counted(answered.body.drills, 'drill') }));
    await again();
  };

  return (
    <>
      <TopBar room="Practice" />
      <main className="mx-auto w-full max-w-[60rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Drills')}</h1>
          <PracticeNav part="Drills" />
          <FileButton accept=".json,application/json" onText={(text) => void take(text)}>
            {t('Import')}
          </FileButton>
          <a href="/api/drills/export" download className="button">
            {t('Export')}
          </a>
          <button type="button" onClick={() => setEditing('new')} className="button-main">
            {t('Add a drill')}
          </button>
        </header>
        <div className="mt-4 flex flex-wrap items-end gap-4">
          <Pick
            label={t('It trains')}
            value={trains}
            onValue={setTrains}
            options={[
              ['all', t('anything')],
              ...TRAINED.map((each) => [each, TRAINED_WORDS[each]] as [Trained, string]),
            ]}
          />
          {(away > 0 || archived) && (
            <button
              type="button"
              aria-pressed={archived}
              onClick={() => setArchived(!archived)}
              className="button lit-when-chosen"
            >
              {t('Archived ({away})', { away })}
            </button>
          )}
        </div>
        {shown.length === 0 ? (
          <p className="mt-6 text-lg">{t('No drill trains that yet. Add one of your own.')}</p>
        ) : (
          <ul className="mt-4">
            {shown.map((drill) => (
              <li key={drill.id} className="border-b border-hairline">
                <DrillDetails drill={drill}>
                  <div className="mt-3 flex flex-wrap gap-3">
                    <button type="button" onClick={() => setEditing(drill)} className="button">
                      {t('Edit')}
                    </button>
                    <button
                      type="button"
                      onClick={() => void archive(drill, !drill.archived)}
                      className="button"
                    >
                      {drill.archived ? t('Offer it again') : t('Archive')}
                    </button>
                    {drill.from !== 'library' && (
                      <button
                        type="button"
                        onClick={() => void takeAway(drill)}
                        className="button hover:text-harm"
                      >
                        {drill.from === 'own' ? t('Delete') : t('Undo my changes')}
                      </button>
                    )}
                  </div>
                </DrillDetails>
              </li>
            ))}
          </ul>
        )}
      </main>
      {editing && (
        <DrillForm
          id={editing === 'new' ? `own-${uuid()}` : editing.id}
          drill={editing === 'new' ? null : plainDrill(editing)}
          onClose={() => setEditing(null)}
          onSaved={(saved) => {
            toast.success(t('Saved: {saved}', { saved: saved.name }));
            void again();
          }}
        />
      )}
    </>
  );
}

/** A drill, folded: its name and what it is; unfolded: how it is set up, done and counted, and what needs care. */
function DrillDetails({ drill, children }: { drill: ListedDrill; children: React.ReactNode }) {
  const units = useUnits();
  return (
    <details id={drill.id}>
      <summary className="flex min-h-14 cursor-pointer items-baseline py-3">
        <span className="min-w-0">
          <span className="block text-lg font-semibold">
            {drill.name}
            {drill.from !== 'library' && (
              <span className="ml-2 text-sm font-normal text-ink-soft">
                {drill.from === 'own' ? t('your own') : t('changed')}
              </span>
            )}
          </span>
          <span className="block text-sm text-ink-soft">
            {t('{brief} Trains {list}.', {
              brief: drill.brief,
              list: listed(drill.trains.map((each) => TRAINED_WORDS[each])),
            })}
          </span>
        </span>
      </summary>
      <div className="pb-5 pl-6 max-sm:pl-0">
        <p className="mb-3 max-w-[65ch] text-lg leading-snug">{drill.purpose}</p>
        <DrillDrawing marks={drill.marks} units={units} />
        <ol className="mt-3 max-w-[65ch] list-decimal space-y-1 pl-5">
          {drill.steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <p className="mt-3">
          <strong>{counted(drill.balls, 'ball')}.</strong>{' '}
          {t('Count: {counts}.', { counts: drill.counts })}
        </p>
        {drill.easier && <p>{t('Easier: {easier}', { easier: drill.easier })}</p>}
        {drill.harder && <p>{t('Harder: {harder}', { harder: drill.harder })}</p>}
        <ul className="mt-2 border-l-4 border-flag pl-3 text-sm">
          {careOf(drill).map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
        {children}
      </div>
    </details>
  );
}
