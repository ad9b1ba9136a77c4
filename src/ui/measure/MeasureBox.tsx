import type { ReactNode } from 'react';

/** A measuring help, folded away until it is wanted. */
export function MeasureBox({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="mt-2 border-t border-hairline pt-1">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">{title}</summary>
      <div className="pb-1 text-base">{children}</div>
    </details>
  );
}
