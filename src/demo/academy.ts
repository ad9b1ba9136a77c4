import type { ClubInput } from '@/core/contract/shot/club';
import type { House } from '@/core/lesson/players/house';
import type { PlayerRecord } from '@/core/lesson/players/record';

/** Lofts, bounces and stock carries (yards) of a bag in one line each, to keep the demo readable. */
type Row = readonly [name: string, loft: number, bounce: number, carry: number];

const make =
  (type: 'iron' | 'wedge') =>
  ([name, loft_deg, bounce_deg, stock_carry_yd]: Row): ClubInput => ({
    name,
    type,
    loft_deg,
    bounce_deg,
    stock_carry_yd,
  });

const bag = (irons: readonly Row[], wedges: readonly Row[]): ClubInput[] => [
  ...irons.map(make('iron')),
  ...wedges.map(make('wedge')),
];

/** The made-up academy. */
export const DEMO_HOUSE: House = {
  name: 'Saltmarsh academy',
  handed: 'right',
  skill: 'middle',
  units: 'yards',
  schools: [],
  stand_ins: true,
};

type DemoPlayer = Pick<PlayerRecord, 'name' | 'handed' | 'skill' | 'bag'> &
  Partial<PlayerRecord> & { id: string };

/** A player with what the demo does not say. */
const plain = (player: DemoPlayer): PlayerRecord & { id: string } => ({
  cautions: [],
  schools: [],
  notes: '',
  ...player,
});

/** The players of the academy. */
export const DEMO_PLAYERS = (
  [
    {
      id: 'ines-okafor',
      name: 'Ines Okafor',
      handed: 'right',
      skill: 'middle',
      usual_miss: 'heavy',
      notes: 'Quits on the ones under a high face. Asked for the low-handle drill again.',
      bag: bag(
        [
          ['8i', 37, 4, 134],
          ['9i', 41, 5, 121],
        ],
        [
          ['PW', 46, 6, 108],
          ['52', 52, 10, 93],
          ['56', 56, 12, 82],
          ['60', 60, 8, 71],
        ],
      ),
    },
    {
      id: 'tomas-reinholt',
      name: 'Tomas Reinholt',
      handed: 'left',
      skill: 'good',
      units: 'metres',
      techniques: { 'toe-in': 'learning' },
      bag: bag(
        [
          ['8i', 36, 4, 152],
          ['9i', 40, 5, 139],
        ],
        [
          ['PW', 45, 6, 126],
          ['50', 50, 8, 113],
          ['54', 54, 14, 102],
          ['58', 58, 8, 88],
        ],
      ),
    },
    {
      id: 'marguerite-sole',
      name: 'Marguerite Sole',
      handed: 'right',
      skill: 'beginner',
      cautions: ['wrist'],
      notes: 'Left wrist was in plaster until spring: nothing plugged, small numbers.',
      bag: bag(
        [['9i', 42, 4, 84]],
        [
          ['PW', 47, 6, 74],
          ['SW', 55, 12, 56],
        ],
      ),
    },
    {
      id: 'jun-akagawa',
      name: 'Jun Akagawa',
      handed: 'right',
      skill: 'expert',
      techniques: { 'toe-in': 'knows', 'heel-first': 'learning', 'full-commitment': 'knows' },
      bag: bag(
        [
          ['8i', 35, 4, 168],
          ['9i', 39, 5, 155],
        ],
        [
          ['PW', 45, 6, 140],
          ['50', 50, 8, 126],
          ['55', 55, 11, 109],
          ['60', 60, 10, 92],
        ],
      ),
    },
    {
      id: 'bertil-haugen',
      name: 'Bertil Haugen',
      handed: 'right',
      skill: 'middle',
      bag: bag(
        [['9i', 41, 5, 116]],
        [
          ['PW', 46, 4, 104],
          ['SW', 56, 14, 78],
        ],
      ),
    },
  ] satisfies DemoPlayer[]
).map(plain);

/** Readings that the demo opens with, oldest first: the desk opens at the last one's player. */
export const DEMO_READINGS: readonly {
  name: string;
  playerId: string;
  shot: Record<string, unknown>;
}[] = [
  {
    name: 'Short-sided under the high face',
    playerId: 'tomas-reinholt',
    shot: {
      pin_yd: 13,
      edge_yd: 9,
      back_yd: 26,
      lip: { height_ft: 6, distance_ft: 10 },
      lie: 'clean',
      sand: { preset: 'soft' },
      green: { stimp_ft: 10 },
    },
  },
  {
    name: 'Long one from the back trap',
    playerId: 'jun-akagawa',
    shot: {
      pin_yd: 34,
      edge_yd: 24,
      back_yd: 46,
      lip: { height_ft: 2, distance_ft: 12 },
      lie: 'clean',
      sand: { preset: 'firm' },
      green: { stimp_ft: 11 },
    },
  },
  {
    name: 'Third, left of the green',
    playerId: 'ines-okafor',
    shot: {
      pin_yd: 18,
      edge_yd: 11,
      back_yd: 30,
      lip: { height_ft: 3, distance_ft: 8 },
      lie: 'clean',
      sand: { preset: 'medium' },
      green: { stimp_ft: 10 },
    },
  },
];
