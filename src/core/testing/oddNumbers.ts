/** Where a value holds numbers that are none, as paths: JSON would write them as null and hide them. */
export function oddNumbers(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path}: ${value}`];
  if (typeof value !== 'object' || value === null) return [];
  const entries = value instanceof Map ? [...value] : Object.entries(value);
  return entries.flatMap(([key, inner]) =>
    oddNumbers(inner, path ? `${path}.${key}` : String(key)),
  );
}
