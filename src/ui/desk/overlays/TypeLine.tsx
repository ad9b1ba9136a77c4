'use client';

import { t } from '@/core/tell/language/t';
import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { completions, EXAMPLE_LINE } from '@/core/tell/grammar/phrases';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { understand } from '@/core/tell/grammar/understand';
import type { ShotInput } from '@/core/contract/shot/shot';
import { Overlay, type Closable } from '../../kit/Overlay';
import { useLine } from '../../kit/useLine';
import { useUnits } from '../../kit/units';

interface TypeLineProps extends Closable {
  shot: ShotInput;
  /** Takes a whole shot; gives back what is wrong with it, or null. */
  onShot: (shot: ShotInput) => string | null;
}

/** A line to describe the shot in a line in, with what is understood and what is not. */
export function TypeLine({ onClose, ...rest }: TypeLineProps) {
  return (
    <Overlay title={t('Describe the shot')} shape="middle" onClose={onClose}>
      <TypeBody {...rest} onDone={onClose} />
    </Overlay>
  );
}

const LINE = 'type-line';

/** Asked of a line with words that are not understood: what they were to say is for the coach to tell. */
const halfUnderstood = () => t('Change the underlined words, or apply the rest without them.');

interface TypeBodyProps extends Pick<TypeLineProps, 'shot' | 'onShot'> {
  onDone: () => void;
}

function TypeBody({ shot, onShot, onDone }: TypeBodyProps) {
  const units = useUnits();
  const apply = (next: ShotInput): string | null => {
    const problem = onShot(next);
    if (problem === null) onDone();
    return problem;
  };
  // What the reading refuses of the rest, and the line that it was the rest of.
  const [rest, setRest] = useState<{ line: string; problem: string | null } | null>(null);
  const { text, put, input, submit, fault } = useLine((line) => {
    const { read, unread, shot: next } = understand(line, shot, units);
    if (read.length === 0) return t('None of this is understood yet.');
    if (unread.length > 0) return halfUnderstood();
    return apply(next);
  });
  const understood = useMemo(() => understand(text, shot, units), [text, shot, units]);
  const unread = understood.unread.map(([from, to]) => text.slice(from, to));
  const refused = rest?.line === text ? rest.problem : null;
  const offers = completions(text);

  const take = (phrase: string): void => {
    const before = text.slice(0, text.lastIndexOf(',') + 1);
    put(`${before}${before ? ' ' : ''}${phrase}, `);
    document.getElementById(LINE)?.focus();
  };

  return (
    <form onSubmit={submit}>
      <label htmlFor={LINE} className="sr-only">
        {t('Reading')}
      </label>
      <input
        id={LINE}
        autoComplete="off"
        spellCheck={false}
        placeholder={EXAMPLE_LINE[units]}
        aria-describedby="type-line-note"
        className="h-12 w-full rounded border-2 border-hairline bg-paper px-3 text-lg"
        {...input}
      />
      <p id="type-line-note" className="mt-2 min-h-6 leading-relaxed" role="status">
        {(fault && fault !== halfUnderstood()) || refused ? (
          <span className="font-semibold text-harm">{refused ?? fault}</span>
        ) : unread.length > 0 ? (
          <>
            {fault === halfUnderstood() && (
              <span className="font-semibold text-harm">{halfUnderstood()} </span>
            )}
            {t('Not understood:')}{' '}
            {unread.map((word, i) => (
              <mark
                key={`${word}${i}`}
                className="mr-1.5 rounded-sm bg-harm-wash px-1 font-semibold text-harm underline decoration-wavy"
              >
                {word}
              </mark>
            ))}
          </>
        ) : understood.read.length > 0 ? (
          t('All understood. Press Enter to apply it.')
        ) : (
          t('Anything you leave out is unchanged.')
        )}
      </p>
      {understood.read.length > 0 && (
        <p className="text-ink-soft">
          {t('The shot: {saidShot}.', { saidShot: saidShot(understood.shot, units) })}
        </p>
      )}
      <ul className="mt-3 flex flex-wrap gap-2" aria-label={t('Phrases')}>
        {offers.map((phrase) => (
          <li key={phrase}>
            <button
              type="button"
              onClick={() => take(phrase)}
              className="button px-3 hover:border-flag"
            >
              {phrase}
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex justify-end gap-3">
        <Dialog.Close className="button-quiet">{t('Cancel')}</Dialog.Close>
        {unread.length > 0 && understood.read.length > 0 && (
          <button
            type="button"
            onClick={() => setRest({ line: text, problem: apply(understood.shot) })}
            className="button"
          >
            {t('Apply the rest')}
          </button>
        )}
        <button type="submit" className="button-main">
          {t('Apply')}
        </button>
      </div>
    </form>
  );
}
