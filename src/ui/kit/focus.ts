import { useState, type FocusEvent } from 'react';

/** What had the focus when each dialog opened. */
const openers = new WeakMap<Element, Element | null>();

const DIALOG = '[role="dialog"],[role="alertdialog"]';
const FIELD = ':is(input, select, textarea):not(:disabled, [type="hidden"])';

/** What a dialog was opened from; where that went with another dialog, what the other was opened from. */
function openerOf(from: Element | null): HTMLElement | null {
  let opener = from;
  while (opener && !opener.isConnected) {
    const dialog: Element | null = opener.closest(DIALOG);
    opener = (dialog && openers.get(dialog)) ?? null;
  }
  return opener instanceof HTMLElement ? opener : null;
}

/**
 * Whether the focus is in a dialog, for what closes: another has it by then. The focus is given back a moment after closing, and who
 * types fast has opened the next meanwhile; taken away and brought back, its field would be selected as a whole and typed over.
 */
export const isFocusTaken = (): boolean =>
  document.activeElement?.closest(DIALOG) instanceof Element;

/** Shows what took the focus: Radix, going round from the last field to the first, does not scroll to it. */
export const showFocused = ({ target }: FocusEvent<HTMLElement>): void =>
  target.scrollIntoView({ block: 'nearest' });

/**
 * The focus of a dialog that has no trigger: it goes to the first field and, at the end, back to what opened the dialog. Without a
 * field it goes to the dialog itself, and in a question to Cancel, as Radix has it. To be called where the dialog opens, that is in a
 * component that is there only while it is open, and spread over the content of the Radix dialog.
 */
export function useDialogFocus() {
  // A page may be loaded with its dialog open: there is no document where it is rendered first.
  const [from] = useState(() => (typeof document === 'undefined' ? null : document.activeElement));
  return {
    ref: (dialog: HTMLElement | null): void => {
      if (dialog) openers.set(dialog, from);
    },
    onFocus: showFocused,
    onOpenAutoFocus: (event: Event): void => {
      const dialog = event.currentTarget as HTMLElement;
      const field = dialog.querySelector<HTMLElement>(FIELD);
      if (!field && dialog.getAttribute('role') === 'alertdialog') return;
      event.preventDefault();
      (field ?? dialog).focus();
    },
    onCloseAutoFocus: (event: Event): void => {
      event.preventDefault();
      if (!isFocusTaken()) openerOf(from)?.focus();
    },
  };
}
