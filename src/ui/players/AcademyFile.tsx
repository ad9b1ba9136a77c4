'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { counted } from '@/core/tell/words/counted';
import { Alert } from '../kit/Alert';
import { Confirm } from '../kit/Confirm';
import { save } from '../kit/files';
import { askForFile, askWithFile, saidOf } from '../server/client';

const PATH = '/api/academy/file';

type Counts = Partial<Record<'players' | 'lessons' | 'balls' | 'accounts', number>>;

/** "5 players, 4 lessons, 210 balls". */
const countsWords = ({ players = 0, lessons = 0, balls = 0 }: Counts): string =>
  [counted(players, 'player'), counted(lessons, 'lesson'), counted(balls, 'ball')].join(', ');

/** What a file says at its foot that it holds; null where it is no academy's, or this browser cannot look into it. */
async function holdsOf(file: File): Promise<Counts | null> {
  try {
    const unpacked = file.stream().pipeThrough(new DecompressionStream('gzip'));
    const lines = (await new Response(unpacked).text()).trimEnd();
    const foot = JSON.parse(lines.slice(lines.lastIndexOf('\n') + 1)) as {
      sums: Record<string, { rows: number }>;
    };
    return Object.fromEntries(Object.entries(foot.sums).map(([name, { rows }]) => [name, rows]));
  } catch {
    return null;
  }
}

/** Everything in one file: to another machine and back. */
export function AcademyFile() {
  const [doing, setDoing] = useState<'saving' | 'replacing' | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [asks, setAsks] = useState<{ file: File; holds: Counts | null } | null>(null);

  const saveAll = async (): Promise<void> => {
    setDoing('saving');
    setFault(null);
    const reply = await askForFile(PATH);
    setDoing(null);
    if (reply.kind !== 'ok') return setFault(saidOf(reply));
    save(
      `academy-${new Date().toISOString().slice(0, 10)}.jsonl.gz`,
      reply.body,
      'application/gzip',
    );
  };
  const replace = async (file: File): Promise<void> => {
    setDoing('replacing');
    setFault(null);
    const reply = await askWithFile(PATH, file);
    // Everything that this page knows is of the academy that was here.
    if (reply.kind === 'ok') return window.location.reload();
    setDoing(null);
    setFault(saidOf(reply));
  };
  return (
    <section aria-labelledby="academy-file" className="mt-5 border-t border-hairline pt-4">
      <h3 id="academy-file" className="font-semibold">
        {t('To another computer')}
      </h3>
      <p className="text-sm text-ink-soft">
        {t(
          'One file holds everything: players, lessons, balls, practice, places, pictures and who may sign in. Keep it as safe as the data itself. Both computers need the same version of Mellow Divot.',
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <button
          type="button"
          className="button"
          disabled={doing !== null}
          onClick={() => void saveAll()}
        >
          {t('Save everything to a file')}
        </button>
        <label className="button cursor-pointer focus-within:outline-3">
          {t('Replace everything from a file …')}
          <input
            type="file"
            accept=".gz,application/gzip"
            disabled={doing !== null}
            className="sr-only"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void holdsOf(file).then((holds) => setAsks({ file, holds }));
              // The same file may be chosen again.
              target.value = '';
            }}
          />
        </label>
        <p role="status">
          {doing === 'saving' && t('Saving everything …')}
          {doing === 'replacing' && t('Replacing everything …')}
        </p>
      </div>
      <Alert className="mt-2">{fault}</Alert>
      {asks && (
        <Confirm
          title={t('Replace everything?')}
          action={t('Replace everything')}
          onClose={() => setAsks(null)}
          onConfirm={() => void replace(asks.file)}
        >
          {asks.holds
            ? t('The file holds {counts}.', { counts: countsWords(asks.holds) })
            : t('What the file holds cannot be read here; the server checks it first.')}{' '}
          {t(
            'All that is in this academy now goes, accounts too, and whoever is signed in must sign in again. Where the data is in a folder a backup is made first.',
          )}
        </Confirm>
      )}
    </section>
  );
}
