import type { FieldValues, Path, PathValue, UseFormReturn } from 'react-hook-form';

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What stands in a form, as it is sent: the form goes on being typed in. */
export const sentOf = <T extends FieldValues>({
  getValues,
}: Pick<UseFormReturn<T>, 'getValues'>): T => structuredClone(getValues());

/**
 * Sets a form to what was saved of it. What was typed while it was on its way stays in the form, not saved yet.
 *
 * @param sent what stood in the form when it was sent
 * @param saved what was made of it
 * @param letGo has the tab forget what it kept of the form
 */
export function takeSaved<T extends FieldValues>(
  form: Pick<UseFormReturn<T>, 'getValues' | 'reset' | 'setValue'>,
  sent: T,
  saved: T,
  letGo: () => void = () => {},
): void {
  const now = sentOf(form);
  // In this order: setting back is a change of the form, which would be kept again; so is what was typed since, and shall be.
  form.reset(saved);
  letGo();
  for (const name of Object.keys(now) as Path<T>[]) {
    const typed = now[name] as PathValue<T, Path<T>>;
    if (!isSame(typed, sent[name])) form.setValue(name, typed, { shouldDirty: true });
  }
}

/**
 * What was typed in a line behind what was sent of it, or the line where that was changed.
 *
 * @example
 * typedSince('82 83 84', '82 83'); // => '84'
 */
export const typedSince = (now: string, sent: string): string =>
  now.startsWith(sent) ? now.slice(sent.length).trimStart() : now;
