import { KeyHint } from '../../kit/KeyHint';

/** The keys that are used most, and the way to rules and care. */
export function DeskFooter({ onRules }: { onRules: () => void }) {
  return (
    <footer className="flex flex-wrap gap-x-6 gap-y-1 border-t border-hairline bg-paper-deep px-6 py-2 max-md:px-3">
      <div className="contents max-md:hidden">
        <KeyHint keys="Ctrl K">everything</KeyHint>
        <KeyHint keys="/">type it</KeyHint>
        <KeyHint keys="m">call map</KeyHint>
        <KeyHint keys="x">schools</KeyHint>
        <KeyHint keys="o">compare</KeyHint>
        <KeyHint keys="h">by hand</KeyHint>
        <KeyHint keys="v">from above</KeyHint>
        <KeyHint keys="1–6">a miss</KeyHint>
        <KeyHint keys="k">keep</KeyHint>
        <KeyHint keys="r">readings</KeyHint>
        <KeyHint keys="?">all keys</KeyHint>
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
