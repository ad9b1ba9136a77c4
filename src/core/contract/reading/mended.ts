import { FaultyInput, type Fault } from '@/core/contract/check/fault';
import type { ShotInput } from '@/core/contract/shot/shot';
import { FIRST_SHOT, withField } from './reading';

/** Looks so often at most: what is wrong is told at most twenty at a time. */
const MOST_LOOKS = 10;

const ofShot = ({ path }: Fault): string | null =>
  path.startsWith('shot.') ? path.slice('shot.'.length).replace(/\[\d+\].*$/, '') : null;

/** What stands at a path; undefined for nothing. */
const at = (shot: ShotInput, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((place, key) => (place as Record<string, unknown> | undefined)?.[key], shot);

/** A shot without a field that is wrong; one that is missing takes with it what it belongs to, the distance to the flag is the usual one. */
function without(shot: ShotInput, field: string): ShotInput {
  if (field === 'pin') return withField(shot, 'pin_yd', FIRST_SHOT.pin_yd);
  const stands = at(shot, field) !== undefined;
  return withField(shot, stands ? field : field.slice(0, field.lastIndexOf('.')), undefined);
}

/**
 * A shot without the fields that are wrong with it, which are told; a distance to the flag that is missing is that of the usual
 * first reading.
 *
 * @param check throws FaultyInput for a shot that is not usable
 * @returns the usual first reading where too much is wrong to say which field it is
 */
export function mendedShot(
  shot: ShotInput,
  check: (shot: ShotInput) => void,
): { shot: ShotInput; faults: Fault[] } {
  const faults: Fault[] = [];
  let mended = shot;
  for (let look = 0; look < MOST_LOOKS; look++) {
    try {
      check(mended);
      return { shot: mended, faults };
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      const fields = error.faults.map(ofShot);
      if (fields.includes(null)) break;
      faults.push(...error.faults);
      for (const field of fields) mended = without(mended, field!);
    }
  }
  return { shot: FIRST_SHOT, faults };
}
