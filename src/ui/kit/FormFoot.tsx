import { t } from '@/core/tell/language/t';
import type { ReactNode } from 'react';
import { Alert } from './Alert';
import type { Closable } from './Overlay';

interface FormFootProps extends Closable {
  /** What is wrong with the form as a whole, or what the server said. */
  refused: ReactNode;
  busy: boolean;
  /** What the button says that will happen. */
  action: string;
}

/** The foot of a form in an overlay, seen however long the form is: what is wrong, the way back, and the button that does it. */
export function FormFoot({ refused, busy, action, onClose }: FormFootProps) {
  return (
    <div className="sticky -bottom-5 mt-3 flex items-center justify-end gap-4 bg-paper py-3">
      <Alert className="mr-auto">{refused}</Alert>
      <button type="button" onClick={onClose} className="button-quiet">
        {t('Cancel')}
      </button>
      <button type="submit" disabled={busy} className="button-main">
        {action}
      </button>
    </div>
  );
}
