'use client';

import Link from 'next/link';
import { textOf } from '@/core/tell/format/textOf';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { ImportedLine } from '@/core/lesson/players/playersCsv';
import { bagText } from '@/core/lesson/players/bagText';
import { askWithText, bodyOf } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { Alert } from '../kit/Alert';

/** What the server says a file would become. */
interface Preview {
  delimiter: string;
  columns: { heading: string; becomes: string | null }[];
  counts: { lines: number; good: number; faulty: number; twice: number };
  lines: ImportedLine[];
  faulty: ImportedLine[];
}

interface Added {
  added: number;
  passedOver: number;
}

const DELIMITERS: Record<string, string> = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
};

const EXAMPLE = `name,handed,skill,clubs
Ada Lund,left,good,PW 45/6 126; 50 50/8 113; 56 56/12 98
Bo Ek,right,middle,9i 41/5 116; SW 56/14 78`;

/** A list of players from a file: looked at first, saved only when it is accepted. */
export function ImportPage() {
  const [text, setText] = useState('');
  const [twice, setTwice] = useState(false);
  const look = useMutation({
    mutationFn: (content: string) => bodyOf(askWithText<Preview>('/api/players/import', content)),
  });
  const accept = useMutation({
    mutationFn: () =>
      bodyOf(askWithText<Added>(`/api/players/import?accept=true&twice=${twice}`, text)),
    onSuccess: () => {
      look.reset();
      setText('');
    },
  });
  const preview = look.data;
  const added = accept.data;
  const fault = (look.error ?? accept.error)?.message;
  const busy = look.isPending || accept.isPending;

  /** Other lines than those that were looked at: what was seen of them is not what would be added. */
  const put = (content: string): void => {
    setText(content);
    look.reset();
    accept.reset();
  };
  const lookAt = (content: string): void => {
    put(content);
    look.mutate(content);
  };
  const toAdd = preview ? preview.counts.good - (twice ? 0 : preview.counts.twice) : 0;

  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <h1 className="text-3xl">Import players</h1>
        <p className="mt-2 max-w-[70ch] leading-relaxed">
          A CSV file with headings: a name and the clubs are wanted, everything else is welcome.
          Nothing is saved until you accept what you see.
        </p>
        <pre className="mt-2 overflow-x-auto rounded bg-paper-deep p-3 text-sm">{EXAMPLE}</pre>
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <label className="button-main cursor-pointer focus-within:outline-3">
            Choose a file
            <input
              type="file"
              accept=".csv,.txt,text/csv,text/plain"
              className="sr-only"
              onChange={(event) => {
                const [file] = event.target.files ?? [];
                if (file)
                  void file.arrayBuffer().then((read) => lookAt(textOf(new Uint8Array(read))));
                event.target.value = '';
              }}
            />
          </label>
          <span>or paste it here:</span>
        </div>
        <label className="sr-only" htmlFor="pasted">
          Lines of the file
        </label>
        <textarea
          id="pasted"
          rows={5}
          value={text.length > 20_000 ? `${text.slice(0, 20_000)}…` : text}
          readOnly={text.length > 20_000}
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
            Look at it
          </button>
          <p role="status">{busy ? 'Reading …' : ''}</p>
        </div>
        {fault && <Alert className="mt-3">{fault}</Alert>}
        {added && (
          <p role="status" className="mt-4 border-l-4 border-flag pl-3 text-lg">
            {added.added} {added.added === 1 ? 'player is' : 'players are'} in the roster now
            {added.passedOver > 0 && `; ${added.passedOver} lines were passed over`}.{' '}
            <Link href="/players" className="underline underline-offset-4">
              To the players
            </Link>
          </p>
        )}
        {preview && (
          <PreviewTables
            preview={preview}
            twice={twice}
            onTwice={setTwice}
            toAdd={toAdd}
            busy={busy}
            onAccept={() => accept.mutate()}
          />
        )}
      </main>
    </>
  );
}

function PreviewTables({
  preview,
  twice,
  onTwice,
  toAdd,
  busy,
  onAccept,
}: {
  preview: Preview;
  twice: boolean;
  onTwice: (twice: boolean) => void;
  toAdd: number;
  busy: boolean;
  onAccept: () => void;
}) {
  const { counts, columns, delimiter, lines, faulty } = preview;
  return (
    <section aria-labelledby="preview" className="mt-6">
      <h2 id="preview" className="text-2xl">
        {counts.lines} lines, {counts.good} good
        {counts.faulty > 0 && `, ${counts.faulty} wrong`}
      </h2>
      <p className="mt-1">
        Parted by {DELIMITERS[delimiter] ?? `“${delimiter}”`}.{' '}
        {columns.map(({ heading, becomes }, i) => (
          <span key={i} className="mr-3 inline-block">
            “{heading}” <span aria-hidden="true">→</span>{' '}
            {becomes ? <strong>{becomes.replace('_', ' ')}</strong> : 'passed over'}
          </span>
        ))}
      </p>
      <div className="mt-3 flex flex-wrap items-center gap-5">
        <button
          type="button"
          disabled={busy || toAdd === 0}
          onClick={onAccept}
          className="button-main"
        >
          Add {toAdd} {toAdd === 1 ? 'player' : 'players'}
        </button>
        {counts.twice > 0 && (
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={twice}
              onChange={(event) => onTwice(event.target.checked)}
              className="size-5 accent-(--call-1)"
            />
            {counts.twice} with a name that is there already: add them too
          </label>
        )}
      </div>
      {faulty.length > 0 && (
        <div className="mt-4 overflow-x-auto">
          <h3 className="text-lg">Lines that cannot be added</h3>
          <table className="w-full border-collapse text-left">
            <thead>
              <tr className="border-b-2 border-hairline">
                <th scope="col" className="w-20 py-1">
                  Line
                </th>
                <th scope="col">What is wrong</th>
              </tr>
            </thead>
            <tbody>
              {faulty.map(({ line, faults }) => (
                <tr key={line} className="border-b border-hairline">
                  <td className="py-1">{line}</td>
                  <td>{faults.map(({ path, message }) => `${path} ${message}`).join('; ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {faulty.length < counts.faulty && (
            <p className="mt-1">and {counts.faulty - faulty.length} more.</p>
          )}
        </div>
      )}
      {lines.length > 0 && (
        <div className="mt-4 overflow-x-auto">
          <h3 className="text-lg">As they would be added</h3>
          <table className="w-full border-collapse text-left">
            <thead>
              <tr className="border-b-2 border-hairline">
                <th scope="col" className="w-20 py-1">
                  Line
                </th>
                <th scope="col">Player</th>
                <th scope="col">Skill</th>
                <th scope="col">Clubs</th>
              </tr>
            </thead>
            <tbody>
              {lines.map(({ line, record, twice: there }) => (
                <tr
                  key={line}
                  className={`border-b border-hairline ${there && !twice ? 'text-ink-soft line-through' : ''}`}
                >
                  <td className="py-1">{line}</td>
                  <td className="pr-4">
                    {record!.name}
                    {there && ' (there already)'}
                  </td>
                  <td className="pr-4">
                    {SKILL_WORDS[record!.skill]}
                    {record!.handed === 'left' && ', left-handed'}
                  </td>
                  <td>{bagText(record!.bag)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {lines.length < counts.good && (
            <p className="mt-1">and {counts.good - lines.length} more.</p>
          )}
        </div>
      )}
    </section>
  );
}
