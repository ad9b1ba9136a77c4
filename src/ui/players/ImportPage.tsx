'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { textOf } from '@/core/contract/check/textOf';
import { counted } from '@/core/tell/words/counted';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { PlayerImported } from '@/core/lesson/exchange/playerFile';
import type { Meaning } from '@/core/lesson/players/columns';
import { askWithText, bodyOf } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { ListPreview, type PreviewOfList } from './ListPreview';
import { PlayerPreview } from './PlayerPreview';

/** What the server says a file would become. */
type Preview = PreviewOfList | ({ kind: 'player' } & PlayerImported);

/** What became of a file: a list that was added to the roster, or one player who is back. */
type Done = { added: number; passedOver: number } | ({ kind: 'player' } & PlayerImported);

const EXAMPLE = `name,handed,skill,clubs
Ada Lund,left,good,PW 45/6 126; 50 50/8 113; 56 56/12 98
Bo Ek,right,middle,9i 41/5 116; SW 56/14 78`;

/** More than this of a file is not shown in its box. */
const MOST_SHOWN = 20_000;

/** Players from a file: previewed first, saved only when the coach agrees. */
export function ImportPage() {
  const [text, setText] = useState('');
  const [twice, setTwice] = useState(false);
  const [said, setSaid] = useState<(Meaning | null)[] | null>(null);
  const query = (columns: (Meaning | null)[] | null, more: Record<string, string> = {}): string =>
    new URLSearchParams({
      ...more,
      ...(columns ? { columns: JSON.stringify(columns) } : {}),
    }).toString();
  const look = useMutation({
    mutationFn: ({ content, columns }: { content: string; columns: (Meaning | null)[] | null }) =>
      bodyOf(askWithText<Preview>(`/api/players/import?${query(columns)}`, content)),
  });
  const accept = useMutation({
    mutationFn: () => {
      const asked = query(said, { accept: 'true', twice: String(twice) });
      return bodyOf(askWithText<Done>(`/api/players/import?${asked}`, text));
    },
    onSuccess: () => {
      look.reset();
      setText('');
    },
  });
  const preview = look.data;
  const done = accept.data;
  const fault = (look.error ?? accept.error)?.message;
  const busy = look.isPending || accept.isPending;

  /** Other lines than those that were previewed: what was seen of them is not what would be added. */
  const put = (content: string): void => {
    setText(content);
    setSaid(null);
    look.reset();
    accept.reset();
  };
  const lookAt = (content: string): void => {
    put(content);
    look.mutate({ content, columns: null });
  };
  const meant = (columns: (Meaning | null)[]): void => {
    setSaid(columns);
    look.mutate({ content: text, columns });
  };

  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <h1 className="text-3xl">{t('Import players')}</h1>
        <p className="mt-2 max-w-[70ch] leading-relaxed">
          {t(
            'A CSV file with headings, or a JSON file exported from Mellow Divot: the whole roster, or everything about one player. A CSV file must give each player’s name and clubs. Nothing is saved until you have seen the preview and agreed.',
          )}
        </p>
        <pre className="mt-2 rounded whitespace-pre-wrap bg-paper-deep p-3 text-sm">{EXAMPLE}</pre>
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <label className="button-main cursor-pointer focus-within:outline-3">
            {t('Choose a file')}
            <input
              type="file"
              accept=".csv,.txt,.json,text/csv,text/plain,application/json"
              className="sr-only"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                if (file)
                  void file.arrayBuffer().then((read) => lookAt(textOf(new Uint8Array(read))));
                event.target.value = '';
              }}
            />
          </label>
          <span>{t('or paste its contents here:')}</span>
        </div>
        <label className="sr-only" htmlFor="pasted">
          {t('Contents of the file')}
        </label>
        <textarea
          id="pasted"
          rows={5}
          value={text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text}
          readOnly={text.length > MOST_SHOWN}
          spellCheck={false}
          onChange={(event) => put(event.target.value)}
          className="mt-2 w-full rounded border-2 border-hairline bg-paper p-2 font-mono text-sm"
        />
        <div className="mt-2 flex items-center gap-4">
          <button
            type="button"
            disabled={busy || text.trim() === ''}
            onClick={() => lookAt(text)}
            className="button"
          >
            {t('Preview')}
          </button>
          <p role="status">{busy ? t('Reading …') : ''}</p>
        </div>
        {fault && <Alert className="mt-3">{fault}</Alert>}
        {done && <Outcome done={done} />}
        {preview?.kind === 'list' && (
          <ListPreview
            preview={preview}
            twice={twice}
            onTwice={setTwice}
            busy={busy}
            onMeanings={meant}
            onAccept={() => accept.mutate()}
          />
        )}
        {preview?.kind === 'player' && (
          <PlayerPreview preview={preview} busy={busy} onAccept={() => accept.mutate()} />
        )}
      </main>
    </>
  );
}

/** What the import did, and where to go from there. */
function Outcome({ done }: { done: Done }) {
  return (
    <p role="status" className="mt-4 border-l-4 border-flag pl-3 text-lg">
      {'kind' in done ? (
        <>
          {done.name} {done.known ? t('now has everything in the file.') : t('is back.')}{' '}
          <Link href={`/players/${done.id}`} className="underline underline-offset-4">
            {t('Open {done}', { done: done.name })}
          </Link>
        </>
      ) : (
        <>
          {t('{players} added', { players: counted(done.added, 'player') })}
          {done.passedOver > 0 &&
            t('; {lines} left out', { lines: counted(done.passedOver, 'line') })}
          .{' '}
          <Link href="/players" className="underline underline-offset-4">
            {t('Go to the players')}
          </Link>
        </>
      )}
    </p>
  );
}
