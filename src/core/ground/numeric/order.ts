/**
 * Moves the `count` greatest values to the end of the list, in any order: C. A. R. Hoare's selection ("Algorithm 65: Find",
 * Communications of the ACM 4, 1961), a few passes where sorting takes a dozen.
 */
function selectGreatest(values: Float64Array, count: number): void {
  const wanted = values.length - count;
  let low = 0;
  let high = values.length - 1;
  while (low < high) {
    const pivot = values[(low + high) >> 1]!;
    let i = low;
    let j = high;
    while (i <= j) {
      while (values[i]! < pivot) i++;
      while (values[j]! > pivot) j--;
      if (i <= j) {
        const kept = values[i]!;
        values[i++] = values[j]!;
        values[j--] = kept;
      }
    }
    if (wanted <= j) high = j;
    else if (wanted >= i) low = i;
    else return;
  }
}

/**
 * Median; the mean of the middle two for an even count. Throws RangeError on an empty list.
 *
 * @example
 * median([10, 2, 5]); // => 5
 * median([1, 2, 3, 10]); // => 2.5
 */
export function median(values: ArrayLike<number>): number {
  if (values.length === 0) throw new RangeError('median: needs at least one value');
  const all = Float64Array.from(values);
  const middle = all.length >> 1;
  selectGreatest(all, all.length - middle);
  if (all.length % 2) return all[middle]!;
  let below = -Infinity;
  for (let i = 0; i < middle; i++) below = Math.max(below, all[i]!);
  return (below + all[middle]!) / 2;
}

/**
 * Mean of the greatest `share` (0 to 1) of the values: at least one of them. Throws RangeError when empty.
 *
 * @example
 * meanOfWorst([1, 2, 3, 4], 0.5); // => 3.5
 */
export function meanOfWorst(values: ArrayLike<number>, share: number): number {
  if (values.length === 0) throw new RangeError('meanOfWorst: needs at least one value');
  const all = Float64Array.from(values);
  const count = Math.max(1, Math.round(all.length * share));
  selectGreatest(all, count);
  let sum = 0;
  for (let i = all.length - count; i < all.length; i++) sum += all[i]!;
  return sum / count;
}

/**
 * Value below which `share` of the values lie, with a straight line between neighbours (the usual seventh definition of
 * R. J. Hyndman and Y. Fan, 1996). Throws RangeError on an empty list or a share outside 0 to 1.
 *
 * @example
 * quantile([0, 10, 20], 0.25); // => 5
 */
export function quantile(values: ArrayLike<number>, share: number): number {
  if (values.length === 0) throw new RangeError('quantile: needs at least one value');
  if (!(share >= 0 && share <= 1)) throw new RangeError('quantile: share lies from 0 to 1');
  const sorted = Float64Array.from(values).sort();
  const at = share * (sorted.length - 1);
  const below = Math.floor(at);
  const above = Math.min(below + 1, sorted.length - 1);
  return sorted[below]! + (at - below) * (sorted[above]! - sorted[below]!);
}

/**
 * What a further value of the same kind lies at or below with a chance of `share`, whatever their distribution: the order statistic of rank
 * share (n + 1), between its neighbours by proportion. Null where that many values cannot say: the sample's own quantile holds for fewer
 * (E. J. Gumbel, Statistics of Extremes, 1958).
 *
 * @example
 * nextWithin([4, 1, 2, 3], 0.8); // => 4
 * nextWithin([1, 2, 3], 0.8); // => null
 */
export function nextWithin(values: readonly number[], share: number): number | null {
  const ranked = [...values].sort((a, b) => a - b);
  const rank = share * (ranked.length + 1);
  const below = Math.floor(rank);
  if (below < 1 || rank > ranked.length) return null;
  const next = ranked[below] ?? ranked[below - 1]!;
  return ranked[below - 1]! + (rank - below) * (next - ranked[below - 1]!);
}
