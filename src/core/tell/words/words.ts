import { counted } from './counted';
import { written } from '@/core/tell/language/written';
import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { fromMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';

const HOURS = told([
  'twelve',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
]);
/**
 * A clock text such as "1:15" as it is said: "quarter past one". Minutes must be on a quarter.
 *
 * @example
 * clockWords('1:15'); // => 'quarter past one'
 */
export function clockWords(clock: string): string {
  const [hour = 0, minute = 0] = clock.split(':').map(Number);
  const now = HOURS[hour % 12]!;
  const next = HOURS[(hour + 1) % 12]!;
  if (minute === 15) return t('quarter past {now}', { now });
  if (minute === 30) return t('half past {now}|not {next}', { now, next });
  if (minute === 45) return t('quarter to {next}', { next });
  return t("{now} o'clock", { now });
}

const PARTS = told(['', 'a quarter of an inch', 'half an inch', 'three quarters of an inch']);
const WHOLES = told(['', 'an inch', 'two inches', 'three inches', 'four inches', 'five inches']);
const BESIDE_WHOLES = told(['', 'a quarter', 'a half', 'three quarters']);

/**
 * A short length as it is said at the ball: "an inch and a half", "4 cm". Below a quarter inch: "nothing".
 *
 * @example
 * shortLengthWords(0.0381, 'yards'); // => 'an inch and a half'
 * shortLengthWords(0.04, 'metres'); // => '4 cm'
 */
export function shortLengthWords(metres: number, units: UnitSystem): string {
  if (units === 'metres') {
    const cm = Math.round(fromMetres(metres, 'cm') * 2) / 2;
    return cm === 0 ? t('nothing') : `${written(String(cm))} cm`;
  }
  const quarters = Math.round(fromMetres(metres, 'in') * 4);
  if (quarters === 0) return t('nothing');
  const whole = Math.floor(quarters / 4);
  if (whole === 0) return PARTS[quarters]!;
  const words = WHOLES[whole] ?? t('{whole} inches', { whole });
  const part = BESIDE_WHOLES[quarters % 4]!;
  return part ? t('{words} and {part}', { words, part }) : words;
}

/**
 * A distance over the ground: "46 yards", "12 metres". Whole units.
 *
 * @example
 * distanceWords(42.06, 'yards'); // => '46 yards'
 */
export function distanceWords(metres: number, units: UnitSystem): string {
  const value = Math.round(units === 'metres' ? metres : fromMetres(metres, 'yd'));
  return units === 'metres'
    ? counted(value, 'metre', 'metres', '0')
    : counted(value, 'yard', 'yards', '0');
}

/**
 * A distance before a noun: "62-yard", "12-metre".
 *
 * @example
 * pitchWords(42.06, 'yards'); // => '46-yard'
 */
export function pitchWords(metres: number, units: UnitSystem): string {
  return units === 'metres'
    ? t('{value}-metre', { value: Math.round(metres) })
    : t('{value}-yard', { value: Math.round(fromMetres(metres, 'yd')) });
}

/**
 * A share of the weight, to five per cent: 0.62 is "60%".
 *
 * @example
 * weightWords(0.62); // => '60%'
 */
export const weightWords = (share: number): string => `${Math.round(share * 20) * 5}%`;

/**
 * A chance as a coach says it: "about 8 in 10", "nearly always", "hardly ever".
 *
 * @example
 * chanceWords(0.78); // => 'about 8 in 10'
 */
export function chanceWords(p: number): string {
  if (p >= 0.975) return t('nearly always');
  if (p <= 0.025) return t('hardly ever');
  if (p < 0.075) return t('about 1 in 20');
  if (p > 0.925) return t('about 19 in 20');
  const tenths = Math.max(1, Math.min(9, Math.round(p * 10)));
  return t('about {tenths} in 10', { tenths });
}
