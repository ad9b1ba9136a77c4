import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import type { ReactNode } from 'react';
import type { CallSheet } from '@/core/tell/sheet/callSheet';
import { ruledOutLines } from '@/core/tell/why/ruledOut';
import { techniqueName } from '@/core/tell/words/techniques';

/** The reasons of the first call, what was taken for granted, and what cannot do it here. */
export function WhyPanel({ sheet, changes }: { sheet: CallSheet; changes: ReactNode }) {
  const [first] = sheet.calls;
  return (
    <>
      {first && (
        <>
          <h2 className="text-lg">
            {first.kind === 'relief' ? t('Why relief') : t('Why the {club}', { club: first.club })}
          </h2>
          {sheet.tie && <p className="mt-1 leading-snug">{sheet.tie}</p>}
          <ul className="mt-1 space-y-1.5 leading-snug">
            {first.why.map(({ factor, text }) => (
              <li key={factor}>{text}</li>
            ))}
          </ul>
        </>
      )}
      {changes}
      {sheet.ruled_out.length > 0 && (
        <details className="mt-3">
          <summary className="min-h-6 cursor-pointer font-heading font-semibold">
            {t('{options} ruled out, and why', {
              options: counted(sheet.ruled_out.length, 'option'),
            })}
          </summary>
          <ul className="mt-1 space-y-1.5 leading-snug">
            {ruledOutLines(sheet.ruled_out, techniqueName).map(({ head, rest }) => (
              <li key={head}>
                <strong className="font-semibold">{head}</strong> {rest}
              </li>
            ))}
          </ul>
        </details>
      )}
      {sheet.notes.length > 0 && (
        <ul className="mt-3 space-y-1.5 text-sm leading-snug text-ink-soft">
          {sheet.notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      {first && (
        <p className="mt-3 border-l-4 border-flag pl-2 text-sm leading-snug">
          {t(
            '{cautions} In play the Rules of Golf in force and Local Rules decide: no touching the sand before the stroke.',
            { cautions: first.cautions.join(' ') },
          )}
        </p>
      )}
    </>
  );
}
