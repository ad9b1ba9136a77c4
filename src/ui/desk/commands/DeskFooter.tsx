import { CommandHints, type Command } from '../../kit/commands';

interface DeskFooterProps {
  commands: readonly Command[];
  onRules: () => void;
}

/** The keys that are used most, and the way to rules and care. */
export function DeskFooter({ commands, onRules }: DeskFooterProps) {
  return (
    <footer className="flex flex-wrap gap-x-6 gap-y-1 border-t border-hairline bg-paper-deep px-6 py-2 max-md:px-3">
      <div className="contents max-md:hidden">
        <CommandHints commands={commands} />
      </div>
      <button
        type="button"
        onClick={onRules}
        className="ml-auto underline underline-offset-4 max-md:min-h-11"
      >
        Rules and care
      </button>
    </footer>
  );
}
