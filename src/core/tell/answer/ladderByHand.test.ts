import { fromMetres } from '@/core/ground/units/length';
import { presetSand } from '@/core/ground/sand/presets';
import { golferOf } from '@/core/model/golfer/golferOf';
import { sampleSwings } from '@/core/model/spread/swings';
import { ladder, LADDER_SAMPLE } from '@/core/search/ladder/ladder';
import { LADDER_STYLE_NAMES } from '@/core/search/ladder/style';
import { readSituation } from '@/core/contract/shot/situation';
import { aSituation } from '@/core/testing/records';
import { simulate } from './simulation';

/* What a ladder says a swing carries is what the same set-up carries by hand, through the door that the desk and the commands use. */

/** The bunker of a ladder, as anybody may read it in: a low lip, a level green that nothing flies over. */
const LADDER_SHOT = {
  pin_m: 20,
  edge_m: 3.5,
  back_m: 250,
  lip: { height_m: 0.3, distance_m: 3 },
  green: { stimp_ft: 10 },
};

/** Faces are said in whole degrees, carries in tenths: so much may lie between, yd. */
const MOST_OFF = 0.3;

const { player } = readSituation(aSituation()).question;
const golfer = golferOf(player);
const swings = sampleSwings(golfer.habits, LADDER_SAMPLE, 1);

test.each([
  ...LADDER_STYLE_NAMES.map((style) => [style, 'medium'] as const),
  ['splash', 'soft'] as const,
])('every rung of the %s ladder in %s sand carries and stops by hand as it says', (style, sand) => {
  const rows = ladder(player, golfer, style, [presetSand(sand)], swings);
  expect(rows.length).toBeGreaterThan(0);
  const apart: string[] = [];
  for (const { club, school, faceDeg, entry, rungs } of rows) {
    for (const rung of rungs.filter((each) => each !== null)) {
      const { predicted } = simulate({
        ...aSituation(),
        shot: { ...LADDER_SHOT, sand: { preset: sand } },
        setup: {
          school,
          club,
          face_deg: faceDeg,
          entry_m: entry,
          swing_fraction: rung.fraction,
          aim_deg: 0,
        },
      });
      const off = Math.abs(predicted.carry_yd - fromMetres(rung.carry, 'yd'));
      if (off > MOST_OFF) apart.push(`${club} to ${rung.clock}: ${off.toFixed(1)} yd`);
    }
  }
  expect(apart).toEqual([]);
});
