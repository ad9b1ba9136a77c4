import { pocketCard } from '@/core/tell/pocket/pocketCard';
import type { Called } from '@/core/search/calls/call';
import type { Band } from '@/core/search/changes/bands';
import { toMetres } from '@/core/ground/units/length';
import { aRecord, PLAIN_LEARNT } from '@/core/testing/records';
import { pocketPdf } from '@/ui/paper/pdf';
import { textsOf } from './texts';

/* Prints pocket cards of more and more wedges, and what stands on them as JSON. A process of its own: the printer is made of modules
 * that the tests' own loader does not take. */

const LOFTS = [46, 48, 50, 52, 54, 56, 58, 60, 62];
const LEARNT = { ...PLAIN_LEARNT, version: 3, balls: 169 };

const playerWith = (wedges: number) => ({
  ...aRecord({
    name: 'Ada Lund',
    handed: 'left',
    cautions: ['wrist', 'back', 'shoulder'],
    bag: LOFTS.slice(0, wedges).map((loft) => ({
      name: String(loft),
      type: 'wedge',
      loft_deg: loft,
      bounce_deg: 8,
      stock_carry_yd: 220 - 2 * loft,
    })),
  }),
  learnt: LEARNT,
});

/** Bands as they come of the search, in yards: club by club, some of them narrow. */
const bands = (text: string): Band[] => {
  const tos = text.split(' ').map((one) => one.split(':'));
  return tos.map(([club, to], i) => ({
    from: toMetres(Number(tos[i - 1]?.[1] ?? 6), 'yd'),
    to: toMetres(Number(to), 'yd'),
    best: { kind: 'splash', club: club! } as Called,
  }));
};
const LOW = bands('58:9 54:21 50:23 54:24 46:33 50:44 46:60');
const HIGH = bands('62:10 58:16 54:21 50:25 54:30 48:36 46:60');

const cards = await Promise.all(
  [1, 3, 4, 5, 6, 7, 9].map(async (wedges) => {
    const card = pocketCard(playerWith(wedges), 'medium', 'yards', [LOW, HIGH]);
    return {
      wedges,
      clubs: [...card.splash, ...card.long].map(({ club }) => club),
      sides: await textsOf(await pocketPdf(card, 'single')),
    };
  }),
);
process.stdout.write(JSON.stringify(cards));
