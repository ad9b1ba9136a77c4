'use client';

import { t } from '@/core/tell/language/t';
import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useDialogFocus } from './focus';

/** How an overlay lies over the desk: a drawer at the side, or a sheet of a width. */
const SHAPES = {
  drawer: 'inset-y-0 right-0 flex w-[min(32rem,100vw)] flex-col overflow-auto shadow-2xl',
  narrow:
    'inset-x-0 top-[12vh] mx-auto max-h-[84vh] w-[min(34rem,calc(100vw-1rem))] overflow-auto rounded-md border-2 border-flag',
  middle:
    'inset-x-0 top-[8vh] mx-auto max-h-[88vh] w-[min(46rem,calc(100vw-1rem))] overflow-auto rounded-md border-2 border-flag',
  wide: 'inset-x-0 top-[2vh] mx-auto flex max-h-[96vh] w-[min(66rem,calc(100vw-1rem))] flex-col overflow-auto rounded-md border-2 border-flag',
} as const;

/** What is there only while it is open; its owner takes it away. */
export interface Closable {
  onClose: () => void;
}

interface OverlayProps extends Closable {
  title: string;
  shape: keyof typeof SHAPES;
  children: ReactNode;
}

/** Something that opens over the desk, with its title and a way to close it; Escape closes it too. */
export function Overlay({ title, shape, children, onClose }: OverlayProps) {
  const focus = useDialogFocus();
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content
          {...focus}
          aria-describedby={undefined}
          className={`fixed z-50 scroll-pt-16 bg-paper px-5 pb-5 ${SHAPES[shape]}`}
        >
          {/* Stays at the top: the way out is never scrolled away from. */}
          <header className="sticky top-0 z-10 -mx-5 mb-1 flex items-center justify-between bg-paper px-5 pt-4 pb-1">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close
              aria-label={t('Close')}
              className="grid size-11 place-items-center rounded"
            >
              <X aria-hidden="true" />
            </Dialog.Close>
          </header>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
