'use client';

import { t } from '@/core/tell/language/t';
import { Dialog } from 'radix-ui';
import { Overlay, type Closable } from '../../kit/Overlay';
import { useClosing } from '../../kit/closing';
import { useLine } from '../../kit/useLine';

interface KeepDialogProps extends Closable {
  suggestion: string;
  /** Keeps the reading under the name; gives back what is wrong, or null. */
  onKeep: (name: string) => Promise<string | null>;
}

/** Asks for a name and keeps the reading. */
export function KeepDialog({ onClose, suggestion, onKeep }: KeepDialogProps) {
  const close = useClosing(onClose);
  const { input, submit, fault, busy } = useLine(
    async (name) => {
      const problem = await onKeep(name.trim());
      if (problem === null) close();
      return problem;
    },
    { start: suggestion },
  );

  return (
    <Overlay title={t('Save this reading')} shape="narrow" onClose={onClose}>
      <form onSubmit={submit}>
        <label htmlFor="reading-name" className="mb-1 block font-semibold">
          {t('Name')}
        </label>
        <input
          id="reading-name"
          maxLength={120}
          autoComplete="off"
          aria-invalid={fault !== null}
          aria-describedby="reading-name-note"
          onFocus={(event) => event.target.select()}
          {...input}
          className="box w-full px-3"
        />
        <p
          id="reading-name-note"
          role={fault ? 'alert' : undefined}
          className="mt-1 min-h-5 text-sm font-semibold text-harm"
        >
          {fault}
        </p>
        <div className="mt-3 flex justify-end gap-3">
          <Dialog.Close className="button-quiet">{t('Cancel')}</Dialog.Close>
          <button type="submit" disabled={busy} className="button-main">
            {busy ? t('Saving …') : t('Save')}
          </button>
        </div>
      </form>
    </Overlay>
  );
}
