import { DEMO_PLAYERS } from '@/demo/academy';

/** A greenside shot of a player of the demo academy, as the outside format has it. */
export function standingSituation() {
  const [{ handed, skill, bag }] = DEMO_PLAYERS as [(typeof DEMO_PLAYERS)[number]];
  return {
    player: { handed, skill, bag },
    shot: {
      pin_yd: 16,
      edge_yd: 9,
      lip: { height_ft: 3, distance_ft: 7 },
      lie: 'clean',
      sand: { preset: 'medium' },
    },
  };
}
