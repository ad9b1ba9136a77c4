import type { Bunker, Flag, GreenOn, SandOn } from './place';

/* What stands on a day: the ground is drawn once, its sand and its holes change. */

/**
 * The sand of a bunker on a day: the latest that was seen on or before it, else the first that was seen; null where nobody looked.
 *
 * @param day YYYY-MM-DD
 */
export function sandOn(bunker: Pick<Bunker, 'sand'>, day: string): SandOn | null {
  const byDay = [...bunker.sand].sort((a, b) => a.day.localeCompare(b.day));
  return byDay.filter((sand) => sand.day <= day).at(-1) ?? byDay[0] ?? null;
}

/**
 * The flag of a green that is cut on a day: the last that was cut by then; null where nobody said.
 *
 * @param day YYYY-MM-DD
 */
export function flagOn({ flags }: Pick<GreenOn, 'flags'>, day: string): Flag | null {
  const cuts = flags.flatMap((flag) => (flag.cut ?? []).map((from) => ({ from, flag })));
  const past = cuts.filter(({ from }) => from <= day);
  return past.sort((a, b) => a.from.localeCompare(b.from)).at(-1)?.flag ?? null;
}
