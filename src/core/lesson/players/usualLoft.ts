/**
 * Lofts of clubs that are said by name alone, degrees: about the middle of what sets have; tuned to nothing, for a first call until
 * somebody measures.
 */
const WEDGES: Readonly<Record<string, number>> = {
  pw: 46,
  gw: 50,
  aw: 50,
  uw: 50,
  sw: 56,
  lw: 60,
};
const IRONS: Readonly<Record<number, number>> = { 3: 20, 4: 23, 5: 26, 6: 29, 7: 33, 8: 37, 9: 41 };

/**
 * The usual loft of a club by its name, degrees; null for a name that says none.
 *
 * @example
 * usualLoft('SW'); // => 56
 */
export function usualLoft(name: string): number | null {
  const text = name.toLowerCase().replace(/[\s.-]/g, '');
  const iron = /^(\d)i(?:ron)?$/.exec(text)?.[1];
  return WEDGES[text] ?? (iron ? (IRONS[Number(iron)] ?? null) : null);
}
