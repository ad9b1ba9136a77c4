/** A key and what it does. */
export function KeyHint({ keys, children }: { keys: string; children: string }) {
  return (
    <span className="whitespace-nowrap">
      <kbd className="mr-1.5 rounded border border-underline bg-paper px-1.5 text-sm font-semibold uppercase">
        {keys}
      </kbd>
      {children}
    </span>
  );
}
