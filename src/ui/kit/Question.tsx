'use client';

import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { useDialogFocus } from './focus';
import type { Closable } from './Overlay';

interface QuestionProps extends Closable {
  title: string;
  /** What will happen, and whether there is a way back. */
  says: ReactNode;
  /** There is no way back. */
  harm?: boolean;
  /** How it is answered. */
  children: ReactNode;
}

/** A question that must be answered before anything else is done. */
export function Question({ title, says, harm, children, onClose }: QuestionProps) {
  const focus = useDialogFocus();
  return (
    <AlertDialog.Root open onOpenChange={(open) => !open && onClose()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <AlertDialog.Content
          {...focus}
          className={`fixed inset-x-0 top-[14vh] z-50 mx-auto w-[min(34rem,calc(100vw-1rem))] rounded-md border-2 bg-paper p-5 ${harm ? 'border-harm' : 'border-hairline'}`}
        >
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-2 leading-relaxed">{says}</AlertDialog.Description>
          {children}
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
