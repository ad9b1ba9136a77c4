'use client';
import { Overlay, type OverlayState } from '../kit/Overlay';

interface KeySheetProps extends OverlayState {
  keys: readonly { keys: string; does: string }[];
}

/** All keys and what they do. */
export function KeySheet({ keys, open, onOpenChange }: KeySheetProps) {
  return (
    <Overlay title="Keys" shape="narrow" open={open} onOpenChange={onOpenChange}>
      <dl className="grid grid-cols-2 gap-x-6 gap-y-1.5 max-sm:grid-cols-1">
        {keys.map(({ keys: key, does }) => (
          <div key={key} className="flex items-baseline gap-3">
            <dt>
              <kbd className="inline-block min-w-7 rounded border border-underline px-1.5 text-center text-sm font-semibold uppercase">
                {key}
              </kbd>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-ink-soft">
        In a panel: arrows step a number, with Shift by ten; Escape closes.
      </p>
    </Overlay>
  );
}
