'use client';

import { sayFact } from '@/core/tell/facts/sayFact';
import { STRIKE_WORDS } from '@/core/tell/lessons/strikeWords';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { contradictionOf, STRIKES, type LoggedFields, type Strike } from '@/core/lesson/balls/ball';
import { readBallText } from '@/core/lesson/balls/ballText';
import type { Hand } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { StationGround } from '@/core/place/fire/stationGround';
import { BallForm } from './BallForm';
import { FinishPad, type Place } from './FinishPad';
import { CommandHints, useCommands, type Command } from '../kit/commands';
import { SandStrip } from './SandStrip';
import { useLine } from '../kit/useLine';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

/** What is tapped of the ball at hand and not logged yet. */
export interface HalfBall {
  entry: number | null;
  place: Place | null;
}

export const NO_HALF: HalfBall = { entry: null, place: null };

interface LogPanelProps {
  shot: Shot;
  /** The ground as it was drawn, where it was. */
  ground?: StationGround | undefined;
  /** Whether a ball can be logged. */
  open: boolean;
  /** Mark of the call, m; null while it is worked out: a ball is taken without it. */
  meant: number | null;
  /** Where the balls before stopped. */
  before: readonly Place[];
  handed: Hand;
  half: HalfBall;
  onHalf: (part: Partial<HalfBall>) => void;
  /** Key that a ball half typed is kept under in this tab. */
  keptAs: string;
  /** Takes a ball; one that was struck as called has the call's own mark and a good strike. */
  onBall: (ball: LoggedFields, asCalled?: boolean) => void;
}

const STRIKE_KEYS: Record<Strike, string> = {
  good: 'g',
  thin: 't',
  heavy: 'h',
  lip: 'l',
  heel: 's',
};

const USUAL_MARK = 0.04;
const NOTHING_SEEN: LoggedFields = {};

/** A ball logged: where the club entered, where it stopped, how it was struck; or in a line; or field by field. */
export function LogPanel(props: LogPanelProps) {
  const units = useUnits();
  const { shot, meant, before, handed, half, onHalf } = props;
  const [fault, setFault] = useState<string | null>(null);
  const [logged, setLogged] = useState(0);
  const ready = props.open;
  const tapped: LoggedFields = {
    ...(half.entry === null ? {} : { entry_m: half.entry }),
    ...(half.place === null ? {} : { along_m: half.place.along, right_m: half.place.right }),
  };
  const log = (ball: LoggedFields, asCalled = false): void => {
    props.onBall(ball, asCalled);
    onHalf({ entry: null, place: null });
    setLogged(logged + 1);
    setFault(null);
  };
  const logTapped = (strike?: Strike): void => {
    if (!ready) return;
    if (Object.keys(tapped).length === 0 && !strike) {
      setFault(t('Tap the entry point, where the ball finished, or how it was struck.'));
      return;
    }
    log({ ...tapped, ...(strike ? { strike } : {}) });
  };
  const logAsCalled = (): void => {
    if (ready) log(tapped, true);
  };
  const line = useLine(
    (text) => {
      if (!ready) return t('No ball can be logged here now.');
      log(readBallText(text, units));
      return null;
    },
    { keptAs: props.keptAs },
  );
  const commands: Command[] = [
    ...STRIKES.map((strike): Command => ({
      name: t('Strike: {strike}', { strike: STRIKE_WORDS[strike] }),
      group: t('Ball'),
      key: STRIKE_KEYS[strike],
      hint: STRIKE_WORDS[strike],
      act: () => logTapped(strike),
    })),
    {
      name: t('Struck as called'),
      group: t('Ball'),
      key: 'a',
      words: [t('mark'), t('good')],
      hint: t('as called'),
      act: logAsCalled,
    },
    {
      name: t('Quick entry'),
      group: t('Ball'),
      key: '/',
      hint: t('quick entry'),
      act: () => document.getElementById('ball-line')?.focus(),
    },
  ];
  useCommands(commands);

  return (
    <>
      <SandStrip
        meant={meant ?? USUAL_MARK}
        value={half.entry ?? undefined}
        handed={handed}
        onValue={(entry) => onHalf({ entry })}
      />
      <FinishPad
        ground={props.ground}
        shot={shot}
        handed={handed}
        value={half.place ?? undefined}
        before={before}
        onValue={(place) => onHalf({ place })}
      />
      <button
        type="button"
        disabled={!ready}
        aria-keyshortcuts="a"
        onClick={logAsCalled}
        className="min-h-12 w-full rounded border-2 border-ink font-semibold hover:bg-flag-wash hover:text-on-flag disabled:opacity-50"
      >
        {t('as called: right entry point, good strike')}
      </button>
      <div className="grid grid-cols-6 gap-2 max-sm:grid-cols-3">
        {STRIKES.map((strike) => (
          <button
            key={strike}
            type="button"
            disabled={!ready}
            aria-keyshortcuts={STRIKE_KEYS[strike]}
            onClick={() => logTapped(strike)}
            className="min-h-14 rounded border-2 border-ink text-lg font-semibold hover:bg-flag-wash hover:text-on-flag disabled:opacity-50"
          >
            {STRIKE_WORDS[strike]}
          </button>
        ))}
        <button
          type="button"
          disabled={!ready}
          onClick={() => logTapped()}
          className="min-h-14 rounded border-2 border-hairline hover:bg-flag-wash hover:text-on-flag disabled:opacity-50"
        >
          {t('no strike noted')}
        </button>
      </div>
      {(fault ?? line.fault) && <Alert>{fault ?? line.fault}</Alert>}
      <form onSubmit={line.submit} className="flex gap-2">
        <label htmlFor="ball-line" className="sr-only">
          {t('Quick entry')}
        </label>
        <input
          id="ball-line"
          autoComplete="off"
          autoCapitalize="off"
          placeholder={t('e1.5 c12 r3 L2 thin ! note')}
          className="h-12 min-w-0 grow rounded border-2 border-hairline bg-paper px-3"
          {...line.input}
        />
        <button
          type="submit"
          disabled={!ready || line.text.trim() === ''}
          className="h-12 rounded border-2 border-hairline px-4 disabled:opacity-50"
        >
          {t('Log')}
        </button>
      </form>
      <details>
        <summary className="min-h-11 cursor-pointer py-2.5">
          {t('More details for this ball')}
        </summary>
        <BallForm
          key={`${logged} ${units}`}
          ball={NOTHING_SEEN}
          action={t('Log this ball')}
          onBall={(ball) => {
            const whole = { ...tapped, ...ball };
            if (!ready) return Promise.resolve(t('No ball can be logged here now.'));
            const wrong = contradictionOf(whole);
            if (wrong === null) log(whole);
            return Promise.resolve(wrong && sayFact(wrong));
          }}
        />
      </details>
      <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm text-ink-soft max-md:hidden">
        <CommandHints commands={commands} />
      </p>
    </>
  );
}
