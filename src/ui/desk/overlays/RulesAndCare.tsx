'use client';

import { t } from '@/core/tell/language/t';
import { alwaysHolds, careFor, rulesInPlay, whoDecides } from '@/core/tell/script/care';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { Shot } from '@/core/ground/situation/shot';
import { Overlay, type Closable } from '../../kit/Overlay';

interface RulesAndCareProps extends Closable {
  shot: Shot;
  call: CallEntry | undefined;
}

/** Rules and care for the ball that stands, deferring to those who decide. */
export function RulesAndCare({ shot, call, onClose }: RulesAndCareProps) {
  return (
    <Overlay title={t('Rules and care')} shape="drawer" onClose={onClose}>
      <p className="mb-3 border-l-4 border-flag pl-3 font-semibold">{whoDecides()}</p>
      <h3 className="mt-4 text-lg">{t('This ball')}</h3>
      <ul className="list-disc pl-5">
        {[...(call?.cautions ?? []), ...careFor(shot)]
          .filter((text, i, all) => all.indexOf(text) === i)
          .map((text) => (
            <li key={text}>{text}</li>
          ))}
      </ul>
      <h3 className="mt-4 text-lg">{t('In play')}</h3>
      <ul className="list-disc pl-5">
        {rulesInPlay().map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <h3 className="mt-4 text-lg">{t('Always')}</h3>
      <ul className="list-disc pl-5">
        {alwaysHolds().map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </Overlay>
  );
}
