import { told } from '@/core/tell/language/told';
import type { UnitSystem } from '@/core/ground/units/system';

/** Phrases offered while typing, in the order in which a coach reads. */
export const PHRASES: readonly string[] = told([
  '18 to the flag',
  'clean',
  'sitting down',
  'fried egg',
  'plugged',
  'buried',
  'powdery sand',
  'soft sand',
  'medium sand',
  'firm sand',
  'wet packed',
  'hardpan',
  'dry crust over wet',
  'firmness 0.6',
  'wetness 0.3',
  'up 8',
  'down 8',
  'ball above 5',
  'ball below 5',
  'lip 3 at 8',
  'no lip',
  'green at 11',
  'back 30',
  'runs 10',
  'firm green',
  'soft green',
  'uphill 2',
  'downhill 2',
  'water behind',
  'another bunker behind',
  'out of bounds behind',
  'land it at 14',
  'carry 9',
  'wind 10 against',
  'wind 10 behind',
  'no wind',
]);

/** A reading as an example, its bare numbers in the units of whoever types it. */
export const EXAMPLE_LINE: Readonly<Record<UnitSystem, string>> = told({
  yards: '18 to the flag, plugged, firm sand, green at 11, lip 4 at 6',
  metres: '16 to the flag, plugged, firm sand, green at 10, lip 1.2 at 1.8',
});

/** Phrases that go on from the word being typed; at most `most`. */
export function completions(text: string, most = 6): string[] {
  const typed = text
    .slice(text.lastIndexOf(',') + 1)
    .trimStart()
    .toLowerCase();
  if (typed === '') return PHRASES.slice(0, most);
  return PHRASES.filter((phrase) => phrase.includes(typed) && phrase !== typed).slice(0, most);
}
