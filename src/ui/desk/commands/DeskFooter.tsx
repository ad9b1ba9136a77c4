import { t } from '@/core/tell/language/t';
import { CommandButtons, type Command } from '../../kit/commands';

interface DeskFooterProps {
  commands: readonly Command[];
  /** Opens the list of everything that can be done: the menu of a phone. */
  onMenu: () => void;
  onRules: () => void;
}

/** What is done most, with its keys; on a phone one menu of everything; and the way to rules and care. */
export function DeskFooter({ commands, onMenu, onRules }: DeskFooterProps) {
  return (
    <footer className="flex flex-wrap items-center gap-x-6 gap-y-1 border-t border-hairline bg-paper-deep px-6 py-2 max-md:px-3">
      <div className="contents max-md:hidden">
        <CommandButtons commands={commands} />
      </div>
      <button type="button" onClick={onMenu} className="button md:hidden">
        {t('Menu')}
      </button>
      <button
        type="button"
        onClick={onRules}
        className="ml-auto underline underline-offset-4 max-md:min-h-11"
      >
        {t('Rules and care')}
      </button>
    </footer>
  );
}
