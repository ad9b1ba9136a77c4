import { answer } from '@/core/tell/answer/answer';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { readSituation } from '@/core/contract/shot/situation';
import { ladder, LADDER_SAMPLE, type LadderRow } from '@/core/search/ladder/ladder';
import type { LadderStyle } from '@/core/search/ladder/style';
import type { Hand } from '@/core/ground/player/player';
import { situationFor } from '@/core/lesson/players/player';
import type { PlayerRecord } from '@/core/lesson/players/record';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { presetSand, type SandPreset } from '@/core/ground/sand/presets';
import { bandsAlong, type Band } from '@/core/search/changes/bands';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import type { Lip } from '@/core/ground/situation/shot';
import type { UnitSystem } from '@/core/ground/units/system';
import { toMetres } from '@/core/ground/units/length';

/** What a player carries to the course. Lengths in m. */
export interface PocketCard {
  name: string;
  handed: Hand;
  sand: SandPreset;
  units: UnitSystem;
  /** Greenside ladder, and the one for 30 to 70 yards. */
  splash: LadderRow[];
  long: LadderRow[];
  /** The club called along the distance, over a low and a high lip. */
  bands: { lip: number; bands: Band[] }[];
  /** The plain splash, for its set-up. */
  call: CallEntry;
  /** How far that splash goes. */
  distance: number;
  cautions: string[];
  /** What was learnt of the player and is in every number here. */
  learnt?: LearntFactors;
}

/** A low and a high lip that the bands are made for, round in the units of the card, m; and where they stand. */
const lipsIn = (units: UnitSystem): readonly [Lip, Lip] => [
  { height: units === 'metres' ? 0.5 : toMetres(1.5, 'ft'), distance: 2.4 },
  { height: units === 'metres' ? 1.5 : toMetres(5, 'ft'), distance: 3 },
];

/** Distances of the bands, and of the splash that is described, m. */
const NEAREST = 6;
const FARTHEST = toMetres(60, 'yd');
const USUAL = toMetres(15, 'yd');

const SEED = 1;
const STEPS = 5;

/** A level shot from this sand with a clean ball over one of the lips. */
function shotInput(sand: SandPreset, pin: number, lip: Lip): Record<string, unknown> {
  return {
    pin_m: pin,
    edge_m: Math.max(lip.distance + 0.3, pin - 6),
    lip: { height_m: lip.height, distance_m: lip.distance },
    lie: 'clean',
    sand: { preset: sand },
  };
}

/** A border between bands is found to this, m: the card says it in whole yards or metres. */
const FINE = 0.9;

/** The lips that a card has bands for: the low one and the high one. */
export const POCKET_LIPS = [0, 1] as const;
export type PocketLip = (typeof POCKET_LIPS)[number];

/** What the desk calls along the distance from one sand over one of the lips: several seconds of computing. */
export function pocketBands(
  player: PlayerRecord,
  sand: SandPreset,
  units: UnitSystem,
  which: PocketLip,
): Band[] {
  const shot = shotInput(sand, USUAL, lipsIn(units)[which]);
  const { question } = readSituation(situationFor(player, shot));
  let bands: Band[] = [];
  for (bands of bandsAlong(question, NEAREST, FARTHEST, STEPS, undefined, FINE));
  return bands;
}

/**
 * Works out a player's pocket card for one sand: about a second of computing.
 *
 * @param bands those of each lip, from {@link pocketBands}
 */
export function pocketCard(
  player: PlayerRecord & { learnt?: LearntFactors },
  sand: SandPreset,
  units: UnitSystem,
  bands: readonly Band[][],
): PocketCard {
  const lips = lipsIn(units);
  const usual = shotInput(sand, USUAL, lips[0]);
  const situation = situationFor(player, usual);
  const { question } = readSituation(situation);
  const golfer = golferOf(question.player);
  const swings = sampleSwings(golfer.habits, LADDER_SAMPLE, SEED);
  const rungs = (style: LadderStyle): LadderRow[] =>
    ladder(question.player, golfer, style, [presetSand(sand)], swings);
  const { sheet } = answer(situation, units, () => 0, 1);
  const call = sheet.calls.find(({ kind }) => kind !== 'relief')!;
  return {
    name: player.name,
    handed: player.handed,
    sand,
    units,
    splash: rungs('splash'),
    long: rungs('long'),
    bands: POCKET_LIPS.map((which) => ({ lip: lips[which].height, bands: bands[which]! })),
    call,
    distance: USUAL,
    cautions: call.cautions,
    ...(player.learnt && { learnt: player.learnt }),
  };
}
