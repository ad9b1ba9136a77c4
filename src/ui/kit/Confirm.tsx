'use client';

import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import type { OverlayState } from './Overlay';

interface ConfirmProps extends OverlayState {
  title: string;
  /** What will happen, and whether there is a way back. */
  children: ReactNode;
  /** What the button says that does it. */
  action: string;
  onConfirm: () => void;
}

/** Asks before something is done that takes things out of sight. */
export function Confirm({ title, children, action, onConfirm, open, onOpenChange }: ConfirmProps) {
  return (
    <AlertDialog.Root open={open} onOpenChange={onOpenChange}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <AlertDialog.Content className="fixed inset-x-0 top-[14vh] z-50 mx-auto w-[min(34rem,calc(100vw-1rem))] rounded-md border-2 border-hairline bg-paper p-5">
          <AlertDialog.Title className="text-xl">{title}</AlertDialog.Title>
          <AlertDialog.Description className="mt-2 leading-relaxed">
            {children}
          </AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-3">
            <AlertDialog.Cancel className="button">Cancel</AlertDialog.Cancel>
            <AlertDialog.Action onClick={onConfirm} className="button-main">
              {action}
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
