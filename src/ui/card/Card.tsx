'use client';

import { t } from '@/core/tell/language/t';
import type { Answer } from '@/core/tell/answer/answer';
import type { Shot } from '@/core/ground/situation/shot';
import { rulesFoot } from '@/core/tell/script/care';
import { CallPanel } from '../call/CallPanel';
import { OtherCall } from '../call/OtherCall';
import { ReliefPanel } from '../call/ReliefPanel';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { StillSection } from '../drawing/section/StillSection';
import type { UnitSystem } from '@/core/ground/units/system';
import { UnitsContext } from '../kit/units';

interface CardProps {
  player: RosterPlayer;
  units: UnitSystem;
  /** The reading as a sentence. */
  said: string;
  shot: Shot;
  answer: Answer;
  /** Back to the desk with this reading. */
  back: string;
  /** The same card as a PDF. */
  pdf: string;
}

/** One page to hand over, in the player's own units whatever the desk is in. */
export function Card(props: CardProps) {
  return (
    <UnitsContext value={props.units}>
      <CardPaper {...props} />
    </UnitsContext>
  );
}

/** The reading, the drawing, the call, what stands beside it, rules and care at the foot. */
function CardPaper({ player, units, said, shot, answer, back, pdf }: CardProps) {
  const [best, ...others] = answer.sheet.calls;
  const [picture] = answer.pictures;
  const { tie, notes } = answer.sheet;
  const told = tie ? [tie, ...notes] : notes;
  return (
    <div className="mx-auto w-full max-w-[50rem] p-6 print:max-w-none print:p-0">
      <nav className="no-print mb-4 flex gap-3">
        <a href={back} className="button-quiet underline">
          {t('Back to the desk')}
        </a>
        <button type="button" onClick={() => window.print()} className="button-main">
          {t('Print')}
        </button>
        <a href={pdf} className="button font-semibold">
          {t('PDF')}
        </a>
      </nav>
      <main>
        <header className="mb-3 border-b border-hairline pb-2">
          <h1 className="text-2xl">{player.name}</h1>
          <p className="mt-1 leading-snug">{said}.</p>
        </header>
        <div className="mb-3 border border-hairline">
          <StillSection
            shot={shot}
            pictures={answer.pictures}
            clubs={answer.sheet.calls.map(({ club }) => club)}
            handed={player.handed}
            units={units}
            size={{ width: 752, height: 160 }}
          />
        </div>
        {best?.kind === 'relief' && <ReliefPanel call={best} />}
        {best && best.kind !== 'relief' && picture && (
          <CallPanel call={best} picture={picture} handed={player.handed} burial={shot.burial} />
        )}
        {best && (
          <div className="mt-3 grid grid-cols-2 gap-8 border-t border-hairline pt-2 max-sm:grid-cols-1">
            {others.slice(0, 2).map((call, i) => (
              <OtherCall key={`${call.club}/${call.school}`} call={call} best={best} rank={i + 1} />
            ))}
          </div>
        )}
        {told.length > 0 && (
          <ul className="mt-2 text-sm leading-snug text-ink-soft print:mt-1 print:text-xs">
            {told.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        )}
      </main>
      <footer className="mt-2 border-t border-hairline pt-2 text-sm leading-snug">
        {best?.cautions.join(' ')} {rulesFoot()}
      </footer>
    </div>
  );
}
