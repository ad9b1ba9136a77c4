import type { ReactNode } from 'react';

interface IconButtonProps {
  /** What it does, for those who do not see the icon. */
  label: string;
  onClick: () => void;
  /** It takes something away. */
  harm?: boolean;
  disabled?: boolean;
  children: ReactNode;
}

/** A button that is an icon alone. */
export function IconButton({
  label,
  onClick,
  harm = false,
  disabled = false,
  children,
}: IconButtonProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      disabled={disabled}
      className={`grid size-11 shrink-0 place-items-center rounded disabled:opacity-40 ${harm ? 'hover:text-harm' : 'hover:bg-paper-deep'}`}
    >
      {children}
    </button>
  );
}
