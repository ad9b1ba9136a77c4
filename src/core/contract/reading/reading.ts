import { fact } from '@/core/ground/fact/fact';
import { faulty } from '@/core/contract/check/fault';
import { lengthName } from '@/core/contract/check/fields';
import type { ShotInput } from '@/core/contract/shot/shot';

/** What stands at the desk: a player by id, and the shot. */
export interface DeskReading {
  player: string;
  shot: ShotInput;
  /** Where it was read off drawn ground, as the address says it; absent where it was not. */
  from?: string | undefined;
}

/** The reading that an empty desk begins with. */
export const FIRST_SHOT: ShotInput = {
  pin_yd: 18,
  edge_yd: 11,
  back_yd: 30,
  lip: { height_ft: 3, distance_ft: 8 },
  lie: 'clean',
  sand: { preset: 'medium' },
  green: { stimp_ft: 10 },
};

/** Flattens nested objects to dotted paths. */
function flat(value: object, prefix = ''): [string, string][] {
  return Object.entries(value).flatMap(([key, inner]): [string, string][] => {
    const path = prefix ? `${prefix}.${key}` : key;
    if (inner === undefined || inner === null) return [];
    if (typeof inner === 'object') return flat(inner as object, path);
    return [[path, String(inner)]];
  });
}

/**
 * The whole reading as a query string: `player=ines-okafor&pin_yd=18&lip.height_ft=3...`.
 *
 * @example
 * readingToQuery({ player: 'ada', shot: { pin_yd: 18, lip: { height_ft: 3 } } }); // => 'player=ada&pin_yd=18&lip.height_ft=3'
 */
export function readingToQuery(reading: DeskReading): string {
  const from: [string, string][] = reading.from === undefined ? [] : [['from', reading.from]];
  return new URLSearchParams([
    ['player', reading.player],
    ...flat(reading.shot),
    ...from,
  ]).toString();
}

const PATH = /^[a-z][a-z0-9_]{0,39}(\.([a-z][a-z0-9_]{0,39}|\d)){0,3}$/;

/** Text of a query as the value that it stands for: number, flag or word. */
function valueOf(text: string): unknown {
  if (/^-?\d+(\.\d+)?$/.test(text)) return Number(text);
  if (text === 'true' || text === 'false') return text === 'true';
  return text;
}

/**
 * Reads a query string back. Nothing is checked against the situation format here; null when it holds no shot.
 *
 * @throws FaultyInput when a name in the query is not a path of fields
 */
export function readingFromQuery(
  query: string,
): { player: string | null; shot: ShotInput; from?: string } | null {
  const shot: Record<string, unknown> = {};
  let player: string | null = null;
  let any = false;
  let origin: string | null = null;
  for (const [path, text] of new URLSearchParams(query)) {
    if (path === 'player') {
      player = text;
      continue;
    }
    if (path === 'from') {
      origin = text;
      continue;
    }
    if (!PATH.test(path)) throw faulty('link', fact('link.noField', { path }));
    const keys = path.split('.');
    const last = keys.pop()!;
    let place: Record<string, unknown> = shot;
    for (const key of keys) {
      const next = Object.hasOwn(place, key) ? place[key] : (place[key] = {});
      if (typeof next !== 'object' || next === null) {
        throw faulty('link', fact('link.underValue', { path }));
      }
      place = next as Record<string, unknown>;
    }
    place[last] = valueOf(text);
    any = true;
  }
  for (const [key, value] of Object.entries(shot)) shot[key] = listed(value);
  return any
    ? { player, shot: shot as ShotInput, ...(origin === null ? {} : { from: origin }) }
    : player === null
      ? null
      : { player, shot: FIRST_SHOT };
}

/** An object whose keys are 0, 1, 2 ... as the list that it stands for. */
function listed(value: unknown): unknown {
  if (typeof value !== 'object' || value === null) return value;
  const keys = Object.keys(value);
  const list = keys.length > 0 && keys.every((key, i) => key === String(i));
  return list ? Object.values(value) : value;
}

/**
 * A shot, or a part of one, with one value changed, not checked. A length replaces the same length in any other unit.
 *
 * @param path dotted path of the field: `lip.height_ft`
 * @param value undefined takes the field away
 * @example
 * withField({ pin_yd: 18, lie: 'clean' }, 'pin_m', 16); // => { lie: 'clean', pin_m: 16 }
 */
export function withField<T extends object>(place: T, path: string, value: unknown): T {
  const [key, ...rest] = path.split('.') as [string, ...string[]];
  if (rest.length > 0) {
    const inner = (place as Record<string, object | undefined>)[key] ?? {};
    return { ...place, [key]: withField(inner, rest.join('.'), value) };
  }
  const name = lengthName(key);
  const kept = Object.entries(place).filter(
    ([other]) => other !== key && !(name !== null && lengthName(other) === name),
  );
  return Object.fromEntries(value === undefined ? kept : [...kept, [key, value]]) as T;
}
