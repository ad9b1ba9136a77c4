import { UTCDate } from '@date-fns/utc';
import { addDays, format } from 'date-fns';
import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import { SKILLS } from '@/core/ground/player/player';
import type { Norms } from '@/core/lesson/bunkerTest/figure';
import { normFor } from '@/core/lesson/bunkerTest/norm';
import { standardStations, stationOf, type BunkerTest } from '@/core/lesson/bunkerTest/test';
import { situationFor } from '@/core/lesson/players/player';
import { readSituation } from '@/core/contract/shot/situation';
import { DEMO_PLAYERS } from './academy';

/** A test of a player of the demo. */
export interface DemoTest {
  id: string;
  test: BunkerTest;
}

/** Where the balls of both tests stopped: bands, in the order in which they were hit. */
const BALLS: readonly { ago: number; bands: readonly number[] }[] = [
  { ago: 24, bands: [2, 3, 6, 3, 4, 2, 5, 4, 6, 3] },
  { ago: 3, bands: [1, 3, 2, 3, 4, 1, 2, 4, 3, 5] },
];

/** Two tests of a player, three weeks apart, on the standard stations. */
export function demoTests(today: string): DemoTest[] {
  const player = DEMO_PLAYERS.find(({ id }) => id === 'ines-okafor')!;
  const stations = standardStations('medium').map((shot) => {
    const { question } = readSituation(situationFor(player, shot));
    const levels = SKILLS.map((skill) => [
      skill,
      toTheEnd(normFor(question.player, skill, question.shot))!,
    ]);
    return { shot, norms: Object.fromEntries(levels) as Norms };
  });
  return BALLS.map(({ ago, bands }, i) => ({
    id: `5a17a0e5-0000-4000-8000-0000000000b${i + 1}`,
    test: {
      player: player.id,
      held_on: format(addDays(new UTCDate(today), -ago), 'yyyy-MM-dd'),
      place: 'Practice bunker behind the saltings',
      sand: 'medium',
      balls: 10,
      stations,
      hits: bands.map((band, n) => ({ station: stationOf(n, bands.length), band })),
      note: '',
    },
  }));
}
