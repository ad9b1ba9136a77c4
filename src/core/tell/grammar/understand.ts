import type { ShotInput } from '@/core/contract/shot/shot';
import type { UnitSystem } from '@/core/ground/units/system';
import { inEnglish } from './german';
import { RULES } from './rules';

/** A stretch of the typed text: from, to. */
export type Span = readonly [number, number];

/** What was made of a typed sentence. */
export interface Understood {
  shot: ShotInput;
  /** Stretches that say something, and words that were not understood. */
  read: Span[];
  unread: Span[];
}

/** Words that may stand between the things that are said. */
const FILLERS =
  /\b(?:the|a|an|and|ball|has|have|is|in|on|at|of|with|it|its|sand|lie|lies|green|ground|degrees?|deg)\b|[°,;.]/g;

/** Text with a stretch blanked out, so that places stay where they are. */
const blanked = (text: string, [from, to]: Span): string =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

/**
 * Reads a typed sentence such as "plugged, firm, 18 to the flag, green at 11, lip 4 at 6, up 8, wind 5 against".
 * German words are read too. What it does not say stays as it stands in `shot`; lengths without a unit are in the usual one.
 *
 * @returns the new shot, not checked against the situation format, and which words were read
 */
export function understand(text: string, shot: ShotInput, units: UnitSystem): Understood {
  const { text: english, at } = inEnglish(text.toLowerCase().replaceAll('\u00a0', ' '));
  let rest = english;
  let next = shot;
  const read: Span[] = [];
  for (const { pattern, apply } of RULES) {
    const match = rest.match(pattern);
    const span = match?.indices?.[0];
    if (!match || !span) continue;
    const after = apply(match, next, units);
    if (after === next) continue;
    next = after;
    read.push(span);
    rest = blanked(rest, span);
  }
  rest = rest.replace(FILLERS, (word) => ' '.repeat(word.length));
  const unread: Span[] = [...rest.matchAll(/\S+/g)].map((match) => [
    match.index,
    match.index + match[0].length,
  ]);
  const typed = ([from, to]: Span): Span => [at[from]!, at[to - 1]! + 1];
  return {
    shot: next,
    read: read.sort((a, b) => a[0] - b[0]).map(typed),
    unread: unread.map(typed),
  };
}
