import { LIES, type Lie } from '../sand/lie';
import type { SandPreset } from '../sand/presets';
import type { Beyond } from '../green/surface';
import { METRES_PER, type LengthUnit } from '../units/length';
import type { UnitSystem } from '../units/system';
import { withField, type ShotInput } from './reading';

/** A stretch of the typed text: from, to. */
export type Span = readonly [number, number];

/** What was made of a typed sentence. */
export interface Understood {
  shot: ShotInput;
  /** Stretches that say something, and words that were not understood. */
  read: Span[];
  unread: Span[];
}

/** One thing that may be said: a pattern, and what it does to the shot. */
interface Rule {
  pattern: RegExp;
  apply: (match: RegExpMatchArray, shot: ShotInput, units: UnitSystem) => ShotInput;
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`\s*(yards?|yds?|metres?|meters?|feet|foot|ft|inches|in|cm|mm|m|')?`;
/** A unit must not run on into a word: "5 m", but not "5 medium". */
const LENGTH = `${NUMBER}${UNIT}(?![a-z])`;

const UNIT_WORDS: Record<string, LengthUnit> = {
  yard: 'yd',
  yards: 'yd',
  yd: 'yd',
  yds: 'yd',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  m: 'm',
  feet: 'ft',
  foot: 'ft',
  ft: 'ft',
  "'": 'ft',
  in: 'in',
  inches: 'in',
  cm: 'cm',
  mm: 'mm',
};

const numberOf = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));

/** The field and value of a length: its own unit, or the one usual for what it measures. */
function length(
  name: string,
  value: string | undefined,
  unit: string | undefined,
  usual: 'ground' | 'height',
  units: UnitSystem,
): [string, number] {
  const fallback = units === 'metres' ? 'm' : usual === 'ground' ? 'yd' : 'ft';
  return [`${name}_${unit ? UNIT_WORDS[unit] : fallback}`, numberOf(value)];
}

const ground =
  (name: string) =>
  (match: RegExpMatchArray, shot: ShotInput, units: UnitSystem): ShotInput =>
    withField(shot, ...length(name, match[1], match[2], 'ground', units));

const degrees =
  (path: string, sign: 1 | -1) =>
  (match: RegExpMatchArray, shot: ShotInput): ShotInput =>
    withField(shot, path, sign * numberOf(match[1]));

const LIE_SAID: Record<string, Lie> = {
  'lying clean': 'clean',
  clean: 'clean',
  'sitting down': 'sitting-down',
  'down a little': 'sitting-down',
  'fried egg': 'fried-egg',
  'half under': 'fried-egg',
  plugged: 'plugged',
  'mostly under': 'plugged',
  buried: 'buried',
  'under to the crown': 'buried',
};

const SAND_SAID: Record<string, SandPreset> = {
  powdery: 'powder',
  powder: 'powder',
  fluffy: 'powder',
  soft: 'soft',
  medium: 'medium',
  firm: 'firm',
  'wet packed': 'wet',
  wet: 'wet',
  hardpan: 'hardpan',
};

const BEYOND_SAID: Record<string, Beyond> = {
  fringe: 'fringe',
  rough: 'rough',
  'another bunker': 'bunker',
  bunker: 'bunker',
  water: 'water',
  'out of bounds': 'out-of-bounds',
  ob: 'out-of-bounds',
};

const WIND_SAID: Record<string, number> = {
  'against from the right': 45,
  'against from the left': 315,
  'behind from the right': 135,
  'behind from the left': 225,
  against: 0,
  into: 0,
  behind: 180,
  'down wind': 180,
  downwind: 180,
  'from the right': 90,
  'from the left': 270,
};

const oneOf = (words: object): string =>
  Object.keys(words)
    .sort((a, b) => b.length - a.length)
    .join('|');

const MPS_PER: Record<string, number> = { mph: 0.44704, 'm/s': 1, 'km/h': 1 / 3.6, kn: 0.514444 };

const rule = (pattern: string, apply: Rule['apply']): Rule => ({
  pattern: new RegExp(`(?<![a-z0-9.])${pattern}(?![a-z0-9])`, 'd'),
  apply,
});

/** Earlier rules take their words first. */
const RULES: readonly Rule[] = [
  rule(`no wind`, (_, shot) => withField(shot, 'wind', undefined)),
  rule(
    `(?:wind )?${NUMBER}\\s*(mph|m/s|km/h|kn)? (?:of )?(?:wind )?(${oneOf(WIND_SAID)})`,
    (match, shot, units) => {
      const unit = match[2] ?? (units === 'metres' ? 'm/s' : 'mph');
      const speed = Math.round(numberOf(match[1]) * MPS_PER[unit]! * 100) / 100;
      return withField(shot, 'wind', { speed_mps: speed, from_deg: WIND_SAID[match[3]!]! });
    },
  ),
  rule(`(${oneOf(BEYOND_SAID)}) (?:behind|beyond|past it)`, (match, shot) =>
    withField(shot, 'beyond', BEYOND_SAID[match[1]!]),
  ),
  rule(`no lip`, (_, shot) => withField(shot, 'lip', undefined)),
  rule(
    `lip (?:is )?${LENGTH}(?: high)?(?:,? (?:and|at) ${LENGTH}(?: ahead)?)?`,
    (match, shot, units) => {
      const lip = withField(shot, ...lipField('height', match[1], match[2], units));
      if (match[3] !== undefined) {
        return withField(lip, ...lipField('distance', match[3], match[4], units));
      }
      const hasDistance = Object.keys((lip.lip ?? {}) as object).some((key) =>
        key.startsWith('distance_'),
      );
      return hasDistance ? lip : withField(lip, 'lip.distance_ft', 8);
    },
  ),
  rule(`green (?:at|from|starts at|starts) ${LENGTH}(?: to ${LENGTH})?`, (match, shot, units) => {
    const edge = withField(shot, ...length('edge', match[1], match[2], 'ground', units));
    if (match[3] === undefined) return edge;
    return withField(edge, ...length('back', match[3], match[4], 'ground', units));
  }),
  rule(`(?:front )?edge (?:at )?${LENGTH}`, ground('edge')),
  rule(`(?:back|ends)(?: edge)?(?: at)? ${LENGTH}`, ground('back')),
  rule(`land (?:it )?(?:at )?${LENGTH}`, ground('carry')),
  rule(`carry ${LENGTH}`, ground('clear')),
  rule(`${LENGTH} (?:to|from) (?:the )?(?:flag|pin|hole)`, ground('pin')),
  rule(`(?:flag|pin) (?:at )?${LENGTH}`, ground('pin')),
  rule(`(?:runs|running|stimp|speed) ${NUMBER}`, (match, shot) =>
    withField(shot, 'green.stimp_ft', numberOf(match[1])),
  ),
  rule(`uphill ${NUMBER}`, degrees('green.slope_deg', 1)),
  rule(`downhill ${NUMBER}`, degrees('green.slope_deg', -1)),
  rule(`${NUMBER} ?mm (?:under|down in)`, (match, shot) =>
    withField(withField(shot, 'lie', undefined), 'burial_mm', numberOf(match[1])),
  ),
  rule(`${NUMBER} ?mm deep`, (match, shot) => withField(shot, 'sand.depth_mm', numberOf(match[1]))),
  rule(`(?:dry )?crust(?: over wet)?`, (_, shot) => withField(shot, 'sand.crust', true)),
  rule(`(${oneOf(LIE_SAID)})`, (match, shot) =>
    withField(withField(shot, 'burial_mm', undefined), 'lie', LIE_SAID[match[1]!]),
  ),
  rule(`(?:ball )?above(?: the feet)? ${NUMBER}`, degrees('slope.across_deg', 1)),
  rule(`(?:ball )?below(?: the feet)? ${NUMBER}`, degrees('slope.across_deg', -1)),
  rule(`up(?:-slope|slope)? ${NUMBER}`, degrees('slope.along_deg', 1)),
  rule(`down(?:-slope|slope)? ${NUMBER}`, degrees('slope.along_deg', -1)),
  rule(`level(?: ground)?`, (_, shot) => withField(shot, 'slope', undefined)),
  rule(`(${oneOf(SAND_SAID)})(?: sand)?`, (match, shot) =>
    withField(withField(shot, 'sand.firmness', undefined), 'sand.preset', SAND_SAID[match[1]!]),
  ),
];

function lipField(
  name: 'height' | 'distance',
  value: string | undefined,
  unit: string | undefined,
  units: UnitSystem,
): [string, number] {
  const [field, number] = length(name, value, unit, 'height', units);
  return [`lip.${field}`, number];
}

/** Words that may stand between the things that are said. */
const FILLERS =
  /\b(?:the|a|an|and|ball|has|have|is|in|on|at|of|with|it|its|sand|lie|lies|green|ground|degrees?|deg)\b|[°,;.]/g;

/** Text with a stretch blanked out, so that places stay where they are. */
const blanked = (text: string, [from, to]: Span): string =>
  text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);

/**
 * Reads a typed sentence such as "plugged, firm, 18 to the flag, green at 11, lip 4 at 6, up 8, wind 5 against".
 * What it does not say stays as it stands in `shot`; lengths without a unit are in the usual one.
 *
 * @returns the new shot, not checked against the situation format, and which words were read
 */
export function understand(text: string, shot: ShotInput, units: UnitSystem): Understood {
  let rest = text.toLowerCase().replaceAll('\u00a0', ' ');
  let next = shot;
  const read: Span[] = [];
  for (const { pattern, apply } of RULES) {
    const match = rest.match(pattern);
    const span = match?.indices?.[0];
    if (!match || !span) continue;
    next = apply(match, next, units);
    read.push(span);
    rest = blanked(rest, span);
  }
  rest = rest.replace(FILLERS, (word) => ' '.repeat(word.length));
  const unread: Span[] = [...rest.matchAll(/\S+/g)].map((match) => [
    match.index,
    match.index + match[0].length,
  ]);
  return { shot: next, read: read.sort((a, b) => a[0] - b[0]), unread };
}

/** A length field of an object as it is said: "18 yd". */
function saidLength(place: object | undefined, name: string): string | null {
  for (const unit of Object.keys(METRES_PER)) {
    const value = (place as Record<string, unknown> | undefined)?.[`${name}_${unit}`];
    if (typeof value === 'number') return `${value} ${unit}`;
  }
  return null;
}

const keyOf = <T>(words: Record<string, T>, value: T): string | undefined =>
  Object.keys(words).find((key) => words[key] === value);

/**
 * A shot as a sentence that {@link understand} reads back to the same shot. Ways out other than at the flag are not
 * said.
 */
export function saidShot(shot: ShotInput): string {
  const lip = shot.lip as object | undefined;
  const sand = (shot.sand ?? {}) as { preset?: SandPreset; crust?: boolean };
  const slope = (shot.slope ?? {}) as { along_deg?: number; across_deg?: number };
  const green = (shot.green ?? {}) as { slope_deg?: number };
  const wind = shot.wind as { speed_mps: number; from_deg?: number } | undefined;
  const parts: (string | null | undefined)[] = [];
  const say = (value: string | null, words: (said: string) => string): void => {
    if (value !== null) parts.push(words(value));
  };
  say(saidLength(shot, 'pin'), (said) => `${said} to the flag`);
  if (LIES.includes(shot.lie as Lie)) parts.push(keyOf(LIE_SAID, shot.lie as Lie));
  if (typeof shot.burial_mm === 'number') parts.push(`${shot.burial_mm} mm under`);
  if (sand.preset) parts.push(`${keyOf(SAND_SAID, sand.preset)} sand`);
  say(saidLength(shot.sand as object, 'depth'), (said) => `${said.replace(' ', ' ')} deep`);
  if (sand.crust) parts.push('dry crust over wet');
  if (slope.along_deg) {
    parts.push(`${slope.along_deg > 0 ? 'up' : 'down'} ${Math.abs(slope.along_deg)}`);
  }
  if (slope.across_deg) {
    parts.push(`ball ${slope.across_deg > 0 ? 'above' : 'below'} ${Math.abs(slope.across_deg)}`);
  }
  const height = saidLength(lip, 'height');
  const distance = saidLength(lip, 'distance');
  if (height && distance) parts.push(`lip ${height} at ${distance}`);
  say(saidLength(shot, 'edge'), (said) => `green at ${said}`);
  say(saidLength(shot, 'back'), (said) => `back ${said}`);
  say(saidLength(green, 'stimp'), (said) => `runs ${said.split(' ')[0]}`);
  if (green.slope_deg) {
    parts.push(`${green.slope_deg > 0 ? 'uphill' : 'downhill'} ${Math.abs(green.slope_deg)}`);
  }
  if (typeof shot.beyond === 'string') {
    parts.push(`${keyOf(BEYOND_SAID, shot.beyond as Beyond)} behind`);
  }
  say(saidLength(shot, 'carry'), (said) => `land it at ${said}`);
  say(saidLength(shot, 'clear'), (said) => `carry ${said}`);
  if (wind) {
    const from = keyOf(WIND_SAID, wind.from_deg ?? 0);
    if (from) parts.push(`wind ${wind.speed_mps} m/s ${from}`);
  }
  return parts.filter((part) => part).join(', ');
}

/** Phrases offered while typing, in the order in which a coach reads. */
export const PHRASES: readonly string[] = [
  '18 to the flag',
  ...['clean', 'sitting down', 'fried egg', 'plugged', 'buried'],
  ...['powdery sand', 'soft sand', 'medium sand', 'firm sand', 'wet packed', 'hardpan'],
  'dry crust over wet',
  'up 8',
  'down 8',
  'ball above 5',
  'ball below 5',
  'lip 3 at 8',
  'no lip',
  'green at 11',
  'back 30',
  'runs 10',
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
];

/** Phrases that go on from the word being typed; at most `most`. */
export function completions(text: string, most = 6): string[] {
  const typed = text
    .slice(text.lastIndexOf(',') + 1)
    .trimStart()
    .toLowerCase();
  if (typed === '') return PHRASES.slice(0, most);
  return PHRASES.filter((phrase) => phrase.includes(typed) && phrase !== typed).slice(0, most);
}
