'use client';

import { t } from '@/core/tell/language/t';
import { AlertDialog } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Closable } from './Overlay';
import { Question } from './Question';

interface ConfirmProps extends Closable {
  title: string;
  /** What will happen, and whether there is a way back. */
  children: ReactNode;
  /** What the button says that does it. */
  action: string;
  onConfirm: () => void;
}

/** Asks before something is done that takes things out of sight. */
export function Confirm({ children, action, onConfirm, ...question }: ConfirmProps) {
  return (
    <Question says={children} {...question}>
      <div className="mt-4 flex justify-end gap-3">
        <AlertDialog.Cancel className="button">{t('Cancel')}</AlertDialog.Cancel>
        <AlertDialog.Action onClick={onConfirm} className="button-main">
          {action}
        </AlertDialog.Action>
      </div>
    </Question>
  );
}
