interface ChoicesProps {
  label: string;
  items: readonly string[];
  value: number;
  onValue: (index: number) => void;
}

/** A row of choices of which one stands, the line under it as everywhere; it scrolls sideways when it is long. */
export function Choices({ label, items, value, onValue }: ChoicesProps) {
  return (
    <div role="radiogroup" aria-label={label} className="flex gap-1 overflow-x-auto">
      {items.map((item, i) => (
        <button
          key={i}
          type="button"
          role="radio"
          aria-checked={i === value}
          onClick={() => onValue(i)}
          className="min-h-12 shrink-0 rounded px-3 whitespace-nowrap hover:bg-paper-deep lined-when-chosen"
        >
          {item}
        </button>
      ))}
    </div>
  );
}
