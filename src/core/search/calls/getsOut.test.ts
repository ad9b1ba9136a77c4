import { readSituation } from '@/core/contract/shot/situation';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { toldCalls } from '@/core/tell/sheet/callSheet';
import { getsOut } from './getsOut';
import { prescribe } from './prescribe';

const WEDGES = [
  { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 84 },
  { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 108 },
];

test.each([
  ['the usual ball', { pin_yd: 18, edge_yd: 11, lip: { height_ft: 3, distance_ft: 8 } }, WEDGES],
  [
    'a high lip at hand',
    { pin_yd: 12, edge_yd: 5, lip: { height_ft: 11, distance_ft: 3 } },
    WEDGES,
  ],
  ['a wall', { pin_yd: 12, edge_yd: 5, lip: { height_ft: 15, distance_ft: 2 } }, WEDGES],
  [
    'one weak club, plugged under a lip',
    { pin_yd: 15, edge_yd: 6, lie: 'plugged', lip: { height_ft: 8, distance_ft: 3 } },
    WEDGES.slice(1),
  ],
  [
    'a lip that a 60 clears and a 52 does not',
    { pin_yd: 14, edge_yd: 5, lip: { height_ft: 6, distance_ft: 4 } },
    WEDGES.slice(1),
  ],
])('says of %s what the whole search finds', (_, shot, bag) => {
  const { question } = readSituation({ player: { handed: 'right', skill: 'middle', bag }, shot });
  const prescription = prescribe(question);
  const told = toldCalls(prescription, { player: question.player, units: 'yards', seed: 1 });
  expect(getsOut(question)).toBe(told.some(({ entry }) => atFlag(entry)));
});
