import { samplerOf } from '@/core/ground/numeric/sampling';
import { nearestLie, type Lie } from '@/core/ground/sand/lie';
import type { Hand } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { SandPreset } from '@/core/ground/sand/presets';
import { toMetres } from '@/core/ground/units/length';
import { readShot, type ShotInput } from '@/core/contract/shot/shot';

/** How hard scenes are to read, easiest first. */
export const LEVELS = [1, 2, 3, 4, 5] as const;

export type Level = (typeof LEVELS)[number];

/** Ways in which the ground may slope, as they are named. */
export const SLOPES = ['level', 'uphill', 'downhill', 'above', 'below'] as const;

export type Slope = (typeof SLOPES)[number];

/** Lies and sands of a level, and how far the ground slopes, degrees: what is alike comes later. */
const LEVEL: Record<
  Level,
  { lies: readonly Lie[]; sands: readonly SandPreset[]; slope: readonly [number, number] }
> = {
  1: { lies: ['clean', 'plugged'], sands: ['soft', 'wet'], slope: [10, 14] },
  2: { lies: ['clean', 'fried-egg', 'buried'], sands: ['soft', 'firm', 'wet'], slope: [8, 12] },
  3: {
    lies: ['clean', 'sitting-down', 'fried-egg', 'plugged'],
    sands: ['powder', 'medium', 'firm', 'wet'],
    slope: [6, 10],
  },
  4: {
    lies: ['clean', 'sitting-down', 'fried-egg', 'plugged', 'buried'],
    sands: ['powder', 'soft', 'medium', 'firm', 'wet'],
    slope: [4, 8],
  },
  5: {
    lies: ['clean', 'sitting-down', 'fried-egg', 'plugged', 'buried'],
    sands: ['powder', 'soft', 'medium', 'firm', 'wet', 'hardpan'],
    slope: [3, 6],
  },
};

/** Every slope as often as level ground: who always says "level" is not half right. */
const LEVEL_SHARE = 1 / SLOPES.length;

/** How many answers the scenes of a level have, of what is named. */
export const choicesAt = (level: Level): Record<'lie' | 'sand' | 'slope', number> => ({
  lie: LEVEL[level].lies.length,
  sand: LEVEL[level].sands.length,
  slope: SLOPES.length,
});

const PIN = [7, 29] as const;
const LIP = [0.2, 1.8] as const;

/** A scene as it is drawn, with what is true of it. */
export interface Scene {
  seed: number;
  level: Level;
  /** In metres: what is drawn is to scale, and no number is shown. */
  shot: ShotInput;
  pin: number;
  lip: number;
  lie: Lie;
  sand: SandPreset;
  slope: Slope;
}

const tenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * A scene drawn at random: the same seed and level give the same scene, to whoever looks at it.
 *
 * @example
 * sceneOf(7, 2).pin === sceneOf(7, 2).pin; // => true
 */
export function sceneOf(seed: number, level: Level): Scene {
  const { uniform, oneOf } = samplerOf(seed * LEVELS.length + level);
  const between = ([low, high]: readonly [number, number]): number =>
    low + (high - low) * uniform();
  const { lies, sands, slope: steep } = LEVEL[level];
  const pin = tenth(between(PIN));
  const lip = tenth(Math.min(between(LIP), pin / 5));
  const lie = oneOf(lies);
  const sand = oneOf(sands);
  const slope = uniform() < LEVEL_SHARE ? 'level' : oneOf(SLOPES.slice(1));
  const deg = Math.round(between(steep));
  const lipAt = tenth(Math.max(1.6, lip + 1 + uniform()));
  const edge = tenth(Math.max(lipAt + 0.6, Math.min(pin - 1.5, pin - 3 - 3 * uniform())));
  const along = { uphill: deg, downhill: -deg }[slope as string] ?? 0;
  const across = { above: deg, below: -deg }[slope as string] ?? 0;
  return {
    seed,
    level,
    pin,
    lip,
    lie,
    sand,
    slope,
    shot: {
      pin_m: pin,
      edge_m: Math.min(edge, pin - 0.8),
      back_m: tenth(pin + 6 + 4 * uniform()),
      lip: { height_m: lip, distance_m: lipAt },
      lie,
      sand: { preset: sand },
      ...(slope === 'level' ? {} : { slope: { along_deg: along, across_deg: across } }),
      green: { stimp_m: tenth(toMetres(9.5, 'ft')) },
    },
  };
}

/** Below this the ground is called level, degrees. */
const LEVEL_TO = 2;

/** How a slope is named, by where it is steeper. */
function slopeNamed(along: number, across: number): Slope {
  if (Math.max(Math.abs(along), Math.abs(across)) < LEVEL_TO) return 'level';
  if (Math.abs(along) >= Math.abs(across)) return along > 0 ? 'uphill' : 'downhill';
  return across > 0 ? 'above' : 'below';
}

/** What readings are taken for: neither easy nor hard. */
const READING_LEVEL: Level = 3;

/**
 * A scene of a reading that was saved, drawn as any other.
 *
 * @param nth its number in the round, from 1
 */
export function sceneFrom(input: ShotInput, nth: number): Scene {
  const { shot } = readShot(input, 1);
  return {
    seed: nth,
    level: READING_LEVEL,
    shot: input,
    pin: shot.pin,
    lip: shot.lip.height,
    lie: input.lie ?? nearestLie(shot.burial),
    sand: input.sand?.preset ?? 'medium',
    slope: slopeNamed(input.slope?.along_deg ?? 0, input.slope?.across_deg ?? 0),
  };
}

/** The shot of a scene as it is drawn for a hand. */
export const shotOf = ({ shot }: Scene, handed: Hand): Shot =>
  readShot(shot, handed === 'left' ? -1 : 1).shot;
