import type { ReactNode } from 'react';

/** What went wrong, read out at once; mounted empty, it keeps the room of its line. */
export function Alert({ children, className = '' }: { children?: ReactNode; className?: string }) {
  return (
    <p role="alert" className={`font-semibold text-harm ${className}`}>
      {children}
    </p>
  );
}
