'use client';

import { t } from '@/core/tell/language/t';
import type { ReactNode } from 'react';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { setUpWords, type DrawnWords } from '@/core/tell/sheet/setUpWords';
import type { Hand } from '@/core/ground/player/player';
import { SHOULDER_WIDTH } from '@/core/model/swing/technique';
import { EntryMark } from '../drawing/EntryMark';
import { FaceClock } from '../drawing/FaceClock';
import { Feet } from '../drawing/Feet';
import { LineSample } from '../drawing/LineSample';
import { SwingClock } from '../drawing/SwingClock';
import { OddsBars } from './OddsBars';
import { ScriptTools } from './ScriptTools';
import { KIND_WORDS } from '@/core/tell/words/kinds';
import { techniqueName } from '@/core/tell/words/techniques';
import { useUnits } from '../kit/units';

interface CallPanelProps {
  call: CallEntry;
  picture: CallPicture;
  handed: Hand;
  burial: number;
  /** How the club is marked as trusted. */
  trust?: ReactNode;
}

/** The best call: four drawings in the order of the work over the script to read out. */
export function CallPanel({ call, picture, handed, burial, trust }: CallPanelProps) {
  const units = useUnits();
  const words = setUpWords(call, units);
  return (
    <article aria-labelledby="first-call">
      <header className="flex flex-wrap items-baseline gap-x-3">
        <h2 id="first-call" className="text-4xl text-call-1">
          {call.club}
        </h2>
        <LineSample rank={0} />
        <span className="text-ink-soft">
          {call.kind === 'out-sideways'
            ? t('out sideways, {toward}° from the flag', { toward: Math.abs(call.toward_deg) })
            : `${call.attempt ? `${t('a long shot:')} ` : ''}${KIND_WORDS[call.kind]}`}
        </span>
        <span className="ml-auto">
          <strong className="font-heading text-xl">
            {t('{strokes} strokes', {
              strokes: call.odds.expected_strokes.toFixed(1),
            })}
          </strong>{' '}
          <span className="text-sm text-ink-soft">{t('from here, on average')}</span>
        </span>
      </header>
      {call.kind !== 'out-sideways' && (
        <p className="text-ink-soft">
          {t('Technique: {technique}.', { technique: techniqueName(call.school) })}
        </p>
      )}
      <div className="@container mt-3">
        <div className="grid gap-x-6 gap-y-3 @lg:grid-cols-[16rem_minmax(0,1fr)]">
          <ul className="grid grid-cols-2 content-start gap-2 leading-snug">
            <Drawn {...words.face}>
              <FaceClock faceDeg={call.face_deg} handed={handed} />
            </Drawn>
            <Drawn {...words.ball}>
              <Feet
                handed={handed}
                ballPosition={call.ball_position}
                width={call.stance_width * SHOULDER_WIDTH}
                openDeg={call.stance_open_deg}
                mark={picture.mark.before}
              />
            </Drawn>
            <Drawn {...words.entry}>
              <EntryMark mark={picture.mark} burial={burial} handed={handed} />
            </Drawn>
            <Drawn {...words.swing}>
              <SwingClock fraction={call.swing_fraction} handed={handed} />
            </Drawn>
          </ul>
          <div>
            <p className="max-w-[72ch] leading-normal" data-testid="script">
              {call.script.map(({ step, text }) => (
                <Stressed key={step} text={`${text} `} />
              ))}
            </p>
            <div className="flex flex-wrap items-center gap-x-4">
              <ScriptTools text={call.say} />
              {trust}
            </div>
          </div>
        </div>
      </div>
      <OddsBars
        odds={call.odds}
        rank={0}
        className="mt-1 grid grid-cols-2 gap-x-8 max-sm:grid-cols-1"
      />
    </article>
  );
}

function Drawn({ caption, note, children }: DrawnWords & { children: ReactNode }) {
  return (
    <li className="flex flex-col items-center text-center">
      {children}
      <span className="mt-1 font-semibold">{caption}</span>
      <span className="text-sm text-ink-soft">{note}</span>
    </li>
  );
}

/** Text with the phrases between asterisks in bold. */
function Stressed({ text }: { text: string }) {
  return text
    .split('*')
    .map((part, i) =>
      i % 2 === 1 ? <strong key={i}>{part}</strong> : <span key={i}>{part}</span>,
    );
}
