import { answer } from '@/core/tell/answer/answer';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { readSituation } from '@/core/tell/format/situation';
import { ladder, LADDER_SAMPLE, type LadderRow } from '@/core/search/ladder/ladder';
import type { LadderStyle } from '@/core/search/ladder/style';
import type { Hand } from '@/core/ground/player/player';
import { situationFor } from '../players/player';
import type { PlayerRecord } from '../players/record';
import type { SandPreset } from '@/core/ground/sand/presets';
import { bandsAlong, type Band } from '@/core/search/changes/bands';
import { leaders, quickQuestion } from '@/core/search/changes/quick';
import type { Leader } from '@/core/search/calls/leaders';
import type { Question } from '@/core/search/calls/question';
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
const STEPS = 8;

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

/** The call at a glance: a card of three lips would take half a minute with the full search. */
function* quickly(asked: Question): Generator<void, Leader | null> {
  yield;
  return leaders(quickQuestion(asked), asked.shot)[0] ?? null;
}

/** Works out a player's pocket card for one sand: about a second of computing. */
export function pocketCard(player: PlayerRecord, sand: SandPreset, units: UnitSystem): PocketCard {
  const lips = lipsIn(units);
  const usual = shotInput(sand, USUAL, lips[0]);
  const situation = situationFor(player, usual);
  const { question } = readSituation(situation);
  const golfer = golferOf(question.player);
  const swings = sampleSwings(golfer.habits, LADDER_SAMPLE, SEED);
  const rungs = (style: LadderStyle): LadderRow[] =>
    ladder(question.player, golfer, style, sand, swings);
  const { sheet } = answer(situation, units, () => 0);
  const call = sheet.calls.find(({ kind }) => kind !== 'relief')!;
  return {
    name: player.name,
    handed: player.handed,
    sand,
    units,
    splash: rungs('splash'),
    long: rungs('long'),
    bands: lips.map((lip) => {
      const asked = readSituation(situationFor(player, shotInput(sand, USUAL, lip))).question;
      let bands: Band[] = [];
      for (bands of bandsAlong(asked, NEAREST, FARTHEST, STEPS, undefined, quickly));
      return { lip: lip.height, bands };
    }),
    call,
    distance: USUAL,
    cautions: call.cautions,
  };
}
