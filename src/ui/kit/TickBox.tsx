import type { ReactNode } from 'react';

interface TickBoxProps {
  label: ReactNode;
  checked: boolean;
  onChecked: (checked: boolean) => void;
  disabled?: boolean;
  className?: string;
}

/** A box to tick, with its words beside it. */
export function TickBox({ label, checked, onChecked, disabled, className = '' }: TickBoxProps) {
  return (
    <label className={`flex min-h-11 items-center gap-2 ${className}`}>
      <input
        type="checkbox"
        checked={checked}
        disabled={disabled}
        onChange={({ target }) => onChecked(target.checked)}
        className="size-5 shrink-0 accent-(--call-1)"
      />
      {label}
    </label>
  );
}
