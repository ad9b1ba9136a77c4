'use client';

import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';

interface KeySheetProps {
  keys: readonly { keys: string; does: string }[];
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** All keys and what they do. */
export function KeySheet({ keys, open, onOpenChange }: KeySheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 top-[8vh] z-50 mx-auto w-[min(34rem,calc(100vw-1rem))] rounded-md border-2 border-flag bg-paper p-5"
        >
          <header className="mb-2 flex items-center justify-between">
            <Dialog.Title className="text-xl">Keys</Dialog.Title>
            <Dialog.Close aria-label="Close" className="grid size-11 place-items-center rounded">
              <X aria-hidden="true" />
            </Dialog.Close>
          </header>
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
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
