import { withField } from '@/core/contract/reading/reading';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { LengthUnit } from '@/core/ground/units/length';
import { speedUnit, toMps, type SpeedUnit } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';
import {
  BEYOND_SAID,
  LIE_SAID,
  SAND_SAID,
  SLOPE_SAID,
  WIND_FORCE_SAID,
  WIND_SAID,
} from './vocabulary';

/** One thing that may be said: a pattern, and what it does to the shot; the very same shot where it says nothing after all. */
export interface Rule {
  pattern: RegExp;
  apply: (match: RegExpMatchArray, shot: ShotInput, units: UnitSystem) => ShotInput;
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`\s*(yards?|yds?|y|metres?|meters?|feet|foot|ft|inches|in|cm|mm|m|')?`;
/** A unit must not run on into a word: "5 m", but not "5 medium". */
const LENGTH = `${NUMBER}${UNIT}(?![a-z])`;

const UNIT_WORDS: Record<string, LengthUnit> = {
  yard: 'yd',
  yards: 'yd',
  yd: 'yd',
  y: 'yd',
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

const oneOf = (words: object): string =>
  Object.keys(words)
    .sort((a, b) => b.length - a.length)
    .join('|');

/** Degrees of a slope that is said in words alone, and speed of such a wind, m/s. */
const USUAL_SLOPE = 8;
const USUAL_FEET_SLOPE = 5;
const USUAL_WIND = 4.47;

/** Speeds of greens that are said in words, feet on the stimpmeter. */
const FAST = 12;
const SLOW = 8;

const FEET = `(?:the |my |his |her |your )?feet`;

const SPEED = `${NUMBER}\\s*(mph|m/s|km/h|kn)?`;

/** A speed that was said, m/s to a hundredth, in its unit or the usual one. */
const speedOf = (value: string | undefined, unit: string | undefined, units: UnitSystem): number =>
  Math.round(toMps(numberOf(value), (unit as SpeedUnit | undefined) ?? speedUnit(units)) * 100) /
  100;

/** The speed of a wind that is said by its force, or not at all. */
const usualWind = (force: string | undefined): number => WIND_FORCE_SAID[force ?? ''] ?? USUAL_WIND;

const wind = (shot: ShotInput, speed: number, from: string): ShotInput =>
  withField(shot, 'wind', { speed_mps: speed, from_deg: WIND_SAID[from]! });

const slope =
  (path: string, sign: 1 | -1, usual: number) =>
  (match: RegExpMatchArray, shot: ShotInput): ShotInput =>
    withField(shot, path, sign * (SLOPE_SAID[match[1] ?? ''] ?? usual));

/** Two words for the two ways that a slope can go, with their signs. */
const ways = (plus: string, minus: string) =>
  [
    [plus, 1],
    [minus, -1],
  ] as const;

const rule = (pattern: string, apply: Rule['apply']): Rule => ({
  pattern: new RegExp(`(?<![a-z0-9.])${pattern}(?![a-z0-9])`, 'd'),
  apply,
});

/** Everything that may be said; earlier rules take their words first. */
export const RULES: readonly Rule[] = [
  rule(`no wind`, (_, shot) => withField(shot, 'wind', undefined)),
  rule(`(?:wind )?${SPEED} (?:of )?(?:wind )?(${oneOf(WIND_SAID)})`, (match, shot, units) =>
    wind(shot, speedOf(match[1], match[2], units), match[3]!),
  ),
  rule(`(?:into|against) (?:a )?${SPEED} ?(?:wind|breeze)`, (match, shot, units) =>
    wind(shot, speedOf(match[1], match[2], units), 'against'),
  ),
  rule(
    `(?:(into|against|with) (?:the |a )?)?(?:(${oneOf(WIND_FORCE_SAID)}) )?(?:wind|breeze|cross ?wind)(?: (?:is )?(${oneOf(WIND_SAID)}))?`,
    (match, shot) => {
      const said = match[3] ?? (match[1] === 'with' ? 'behind' : match[1]);
      return said ? wind(shot, usualWind(match[2]), said) : shot;
    },
  ),
  rule(
    `(?:a )?(?:(${oneOf(WIND_FORCE_SAID)}) )?(headwind|head wind|tailwind|tail wind|downwind|down wind)`,
    (match, shot) => wind(shot, usualWind(match[1]), match[2]!),
  ),
  rule(`(${oneOf(BEYOND_SAID)}) (?:behind|beyond|past it)`, (match, shot) =>
    withField(shot, 'beyond', BEYOND_SAID[match[1]!]),
  ),
  rule(`no lip`, (_, shot) => withField(shot, 'lip', undefined)),
  rule(`${LENGTH} (?:high )?lip(?:,? (?:and |at )?${LENGTH}(?: ahead| away)?)?`, lipOf),
  rule(`lip (?:is |of )?${LENGTH}(?: high)?(?:,? (?:and|at) ${LENGTH}(?: ahead| away)?)?`, lipOf),
  rule(`(soft|medium|firm) green(?! (?:at|from|starts))`, (match, shot) =>
    withField(shot, 'green.firmness', match[1] === 'medium' ? undefined : match[1]),
  ),
  rule(`green (?:at|from|starts at|starts) ${LENGTH}(?: to ${LENGTH})?`, (match, shot, units) => {
    const edge = withField(shot, ...length('edge', match[1], match[2], 'ground', units));
    if (match[3] === undefined) return edge;
    return withField(edge, ...length('back', match[3], match[4], 'ground', units));
  }),
  rule(`(?:front )?edge (?:at |is )?${LENGTH}`, ground('edge')),
  rule(`${LENGTH} to (?:the )?(?:front edge|front|edge|green)`, ground('edge')),
  rule(`(?:back|ends)(?: edge)?(?: at)? ${LENGTH}`, ground('back')),
  rule(`land (?:it )?(?:at )?${LENGTH}`, ground('carry')),
  rule(`carry ${LENGTH}`, ground('clear')),
  rule(`${LENGTH} (?:to|from) (?:the )?(?:flag|pin|hole)`, ground('pin')),
  rule(`(?:flag|pin|hole) (?:is )?(?:at )?${LENGTH}(?: away)?`, ground('pin')),
  rule(`(fast|slow) greens?`, (match, shot) =>
    withField(shot, 'green.stimp_ft', match[1] === 'fast' ? FAST : SLOW),
  ),
  rule(`(?:runs|running|stimp|stimping|speed) (?:at )?${NUMBER}`, (match, shot) =>
    withField(shot, 'green.stimp_ft', numberOf(match[1])),
  ),
  rule(`uphill ${NUMBER}`, degrees('green.slope_deg', 1)),
  rule(`downhill ${NUMBER}`, degrees('green.slope_deg', -1)),
  rule(`${NUMBER} ?mm (?:under|down in)`, (match, shot) =>
    withField(withField(shot, 'lie', undefined), 'burial_mm', numberOf(match[1])),
  ),
  rule(`${NUMBER} ?mm deep`, (match, shot) => withField(shot, 'sand.depth_mm', numberOf(match[1]))),
  rule(`(?:dry )?crust(?: over wet)?`, (_, shot) => withField(shot, 'sand.crust', true)),
  rule(`plugged in(?:to)? (?:the |a )?(?:face|lip|bank)`, (_, shot) =>
    withField(
      withField(withField(shot, 'burial_mm', undefined), 'lie', 'plugged'),
      'slope.along_deg',
      SLOPE_SAID.steep,
    ),
  ),
  rule(`(${oneOf(LIE_SAID)})`, (match, shot) =>
    withField(withField(shot, 'burial_mm', undefined), 'lie', LIE_SAID[match[1]!]),
  ),
  ...ways('above', 'below').flatMap(([way, sign]) => [
    rule(`(?:ball )?${way}(?: ${FEET})?(?: by)? ${NUMBER}`, degrees('slope.across_deg', sign)),
    rule(
      `(?:ball )?(?:is )?(?:a )?(?:(${oneOf(SLOPE_SAID)}) )?${way} ${FEET}`,
      slope('slope.across_deg', sign, USUAL_FEET_SLOPE),
    ),
  ]),
  ...ways('up', 'down').flatMap(([way, sign]) => [
    rule(`${way}(?:-slope| slope|slope)? ${NUMBER}`, degrees('slope.along_deg', sign)),
    rule(`${NUMBER} ?(?:°|deg|degrees?)? ${way}(?:-| )?slope`, degrees('slope.along_deg', sign)),
    rule(
      `(?:(${oneOf(SLOPE_SAID)}) )?(?:${way}(?:-| )?slope|${way} ?hill(?: lie| stance)?)`,
      slope('slope.along_deg', sign, USUAL_SLOPE),
    ),
  ]),
  rule(`level(?: ground)?`, (_, shot) => withField(shot, 'slope', undefined)),
  rule(`(${oneOf(SAND_SAID)})(?: sand)?`, (match, shot) =>
    withField(
      withField(withField(shot, 'sand.firmness', undefined), 'sand.density_kgm3', undefined),
      'sand.preset',
      SAND_SAID[match[1]!],
    ),
  ),
  // What is left over with a unit for distances along the ground is the distance to the flag.
  rule(
    `${NUMBER}\\s*(yards?|yds?|y|metres?|meters?|m)(?: (?:bunker )?shot| away| out)?`,
    ground('pin'),
  ),
  // After the sand, which takes them back to what is usual for it.
  rule(`firmness ${NUMBER}`, (match, shot) => withField(shot, 'sand.firmness', numberOf(match[1]))),
  rule(`wetness ${NUMBER}`, (match, shot) => withField(shot, 'sand.moisture', numberOf(match[1]))),
  rule(`density ${NUMBER}`, (match, shot) =>
    withField(shot, 'sand.density_kgm3', numberOf(match[1])),
  ),
];

/** A lip's height, and how far ahead it stands: 8 ft where nothing says it. */
function lipOf(match: RegExpMatchArray, shot: ShotInput, units: UnitSystem): ShotInput {
  const lip = withField(shot, ...lipField('height', match[1], match[2], units));
  if (match[3] !== undefined) {
    return withField(lip, ...lipField('distance', match[3], match[4], units));
  }
  const hasDistance = Object.keys((lip.lip ?? {}) as object).some((key) =>
    key.startsWith('distance_'),
  );
  return hasDistance ? lip : withField(lip, 'lip.distance_ft', 8);
}

function lipField(
  name: 'height' | 'distance',
  value: string | undefined,
  unit: string | undefined,
  units: UnitSystem,
): [string, number] {
  const [field, number] = length(name, value, unit, 'height', units);
  return [`lip.${field}`, number];
}
