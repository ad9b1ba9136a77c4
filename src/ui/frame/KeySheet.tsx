'use client';

import { t } from '@/core/tell/language/t';
import { keyWords, type Command } from '../kit/commands';
import { Overlay, type Closable } from '../kit/Overlay';

interface KeySheetProps extends Closable {
  commands: readonly Command[];
}

/** All keys and what they do. */
export function KeySheet({ commands, onClose }: KeySheetProps) {
  const lines = commands.flatMap(({ key, sheet }) =>
    key && sheet ? [{ keys: sheet.keys ?? keyWords(key), does: sheet.does }] : [],
  );
  return (
    <Overlay title={t('Keyboard shortcuts')} shape="narrow" onClose={onClose}>
      <dl className="grid grid-cols-2 gap-x-6 gap-y-1.5 max-sm:grid-cols-1">
        {lines.map(({ keys, does }) => (
          <div key={keys} className="flex items-baseline gap-3">
            <dt>
              <kbd className="inline-block min-w-7 rounded border border-underline px-1.5 text-center text-sm font-semibold uppercase">
                {keys}
              </kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-ink-soft">
        {t('In a panel: arrow keys change a number (with Shift, by ten); Escape closes.')}
      </p>
    </Overlay>
  );
}
