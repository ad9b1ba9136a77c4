import { fact, type Fact } from '@/core/ground/fact/fact';
import { type Fault, quoted } from '@/core/contract/check/fault';
import { fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import type { Leg } from './traverse';

/** A leg as it was written down, and the lip where it begins, m; null where it was not said. */
export type WrittenLeg = Leg & { lip: number | null };

/**
 * Standard uncertainty of a bearing, degrees: by a compass in the hand (makers give 2 for the needle, as much again for the sighting;
 * tuned), and by the clock, which is told to the half hour.
 */
const COMPASS_SPREAD = 3;
const CLOCK_SPREAD = 6;

const WINDS = 'n nne ne ene e ese se sse s ssw sw wsw w wnw nw nnw'.split(' ');

/** Most paces of a leg, and highest lip, m. */
const MOST_PACES = 100;
const HIGHEST = 6;

/**
 * A direction as it is written: `95`, `95°`, `2:30`, `3 o'clock`, `NE`; null for anything else.
 *
 * @example
 * readBearing("3 o'clock"); // => { bearing: 90, spread: 6 }
 */
export function readBearing(text: string): { bearing: number; spread: number } | null {
  const said = text.trim().toLowerCase();
  const clock = /^(\d{1,2})(?::(00|30))?\s*(?:o['’]?\s?clock|h)?$/.exec(said);
  const isClock = clock && (clock[2] !== undefined || /clock|h/.test(said));
  if (isClock) {
    const hours = Number(clock[1]);
    if (hours < 1 || hours > 12) return null;
    return { bearing: ((hours % 12) + (clock[2] === '30' ? 0.5 : 0)) * 30, spread: CLOCK_SPREAD };
  }
  if (/^\d{1,3}(\.\d+)?°?$/.test(said)) {
    const bearing = parseFloat(said);
    return bearing <= 360 ? { bearing: bearing % 360, spread: COMPASS_SPREAD } : null;
  }
  const wind = WINDS.indexOf(said);
  return wind < 0 ? null : { bearing: wind * 22.5, spread: CLOCK_SPREAD };
}

/**
 * A walk as it is written down, a leg a line: paces, direction, and the lip where the leg begins.
 *
 * @param unit of the lip
 * @returns the legs, and what is wrong, by line
 * @example
 * readLegs('8 95 3\n6 NE', 'ft').legs.map(({ paces, bearing }) => [paces, bearing]); // => [[8, 95], [6, 45]]
 */
export function readLegs(text: string, unit: LengthUnit): { legs: WrittenLeg[]; faults: Fault[] } {
  const legs: WrittenLeg[] = [];
  const faults: Fault[] = [];
  text.split(/\r?\n/).forEach((line, i) => {
    if (line.trim() === '') return;
    const say = (message: Fact): void => void faults.push({ path: `line ${i + 1}`, message });
    const parts = /^\s*(\d+(?:\.\d+)?)(?:\s*paces?)?[\s,;]+(.*)$/i.exec(line);
    if (!parts) {
      return say(
        fact('survey.leg', {
          line: quoted(line.trim()),
        }),
      );
    }
    const paces = Number(parts[1]);
    if (!(paces > 0 && paces <= MOST_PACES))
      return say(fact('survey.paces', { mostPaces: MOST_PACES, paces }));
    const rest = parts[2]!.trim();
    const whole = readBearing(rest);
    const cut = whole ? null : /^(.*?)[\s,;]+(?:lip\s*)?(\d+(?:\.\d+)?)\s*(?:ft|m)?$/i.exec(rest);
    const bearing = whole ?? (cut && readBearing(cut[1]!));
    if (!bearing) {
      return say(
        fact('survey.direction', {
          rest: quoted(rest),
        }),
      );
    }
    const lip = cut ? toMetres(Number(cut[2]), unit) : null;
    if (lip !== null && lip > HIGHEST) {
      return say(
        fact('survey.lip', {
          highest: Math.round(fromMetres(HIGHEST, unit)),
          unit,
          cut: String(cut![2]),
        }),
      );
    }
    legs.push({ paces, bearing: bearing.bearing, bearingSpread: bearing.spread, lip });
  });
  return { legs, faults };
}
