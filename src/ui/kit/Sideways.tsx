import type { ReactNode } from 'react';

interface SidewaysProps {
  /** What is in it, for a screen reader. */
  label: string;
  className?: string;
  children: ReactNode;
}

/** Something that may be wider than the screen and is moved sideways then, by keys too. */
export function Sideways({ label, className = '', children }: SidewaysProps) {
  return (
    <div
      role="group"
      aria-label={label}
      tabIndex={0}
      className={`relative overflow-x-auto ${className}`}
    >
      {children}
    </div>
  );
}
