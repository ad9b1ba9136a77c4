import { techniqueName } from '@/core/tell/words/techniques';
import type { UseFormRegisterReturn } from 'react-hook-form';
import { SCHOOLS } from '@/core/search/schools/schools';

/** A box to tick for every school. */
export function SchoolChecks({ registered }: { registered: UseFormRegisterReturn }) {
  return (
    <div className="grid grid-cols-2 gap-x-4 max-md:grid-cols-1">
      {SCHOOLS.map(({ id }) => (
        <label key={id} className="flex min-h-11 items-center gap-2 leading-tight">
          <input
            type="checkbox"
            value={id}
            className="size-5 shrink-0 accent-(--call-1)"
            {...registered}
          />
          {techniqueName(id)}
        </label>
      ))}
    </div>
  );
}
