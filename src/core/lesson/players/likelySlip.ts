import { fact, type Fact } from '@/core/ground/fact/fact';
import { grassCarry, lengthFactor, speedFromCarry } from '@/core/model/golfer/headSpeed';
import type { Player } from '@/core/ground/player/player';
import { median } from '@/core/ground/numeric/order';
import { fromMetres, METRES_PER, toMetres } from '@/core/ground/units/length';

/** A stock carry that does not fit the rest of the bag. Yards, as carries are spoken of. */
export interface OddCarry {
  club: string;
  said: number;
  /** What the head speed of the other clubs would carry. */
  expected: number;
  /** What was probably meant, when a slip of the pen explains it. */
  meant: number | null;
  slip: Fact | null;
}

/** As far from the median as {@link bagWarnings} warns of, and how near a mended number must come. */
const ODD_SPEED = 0.14;
const FITS = 0.12;

/** Numbers that a slip of the pen may have made out of the one that was meant, with the slip. */
function mended(said: number): { meant: number; slip: Fact }[] {
  const digits = String(Math.round(said));
  const found: { meant: number; slip: Fact }[] = [];
  for (let i = 0; i < digits.length; i++) {
    const without = digits.slice(0, i) + digits.slice(i + 1);
    if (without !== '') found.push({ meant: Number(without), slip: fact('slip.digitTooMany') });
    if (i > 0) {
      const swapped = digits.slice(0, i - 1) + digits[i]! + digits[i - 1]! + digits.slice(i + 1);
      found.push({ meant: Number(swapped), slip: fact('slip.digitsSwapped') });
    }
  }
  for (let i = 0; i <= digits.length; i++) {
    for (let d = 0; d <= 9; d++) {
      const longer = Number(`${digits.slice(0, i)}${d}${digits.slice(i)}`);
      if (digits.length < 3) found.push({ meant: longer, slip: fact('slip.digitMissing') });
    }
  }
  found.push({ meant: said * METRES_PER.yd, slip: fact('slip.yardsForMetres') });
  found.push({ meant: said / METRES_PER.yd, slip: fact('slip.metresForYards') });
  return found;
}

/** Stock carries that ask for another head speed than the rest of the bag, with the likely slip. */
export function oddCarries(player: Player): OddCarry[] {
  const known = player.bag.filter(
    (club) => club.stockCarry !== undefined && club.type !== 'putter',
  );
  if (known.length < 3) return [];
  const speeds = known.map((club) => speedFromCarry(club, club.stockCarry!, player.skill));
  const usual = median(speeds);
  return known.flatMap((club, i) => {
    if (Math.abs(speeds[i]! / usual - 1) <= ODD_SPEED) return [];
    const expected = fromMetres(
      grassCarry(club, usual * lengthFactor(club, 0), player.skill),
      'yd',
    );
    const said = fromMetres(club.stockCarry!, 'yd');
    const off = (yards: number): number => Math.abs(yards / expected - 1);
    const [best] = mended(said)
      .filter(({ meant }) => off(meant) <= FITS)
      .sort((a, b) => off(a.meant) - off(b.meant));
    return [
      {
        club: club.name,
        said,
        expected,
        meant: best ? Math.round(best.meant) : null,
        slip: best?.slip ?? null,
      },
    ];
  });
}

/** A stock carry from logged shots off grass, m: their median, and half the range that holds the middle half. */
export function carryFromShots(yards: readonly number[]): { carry: number; spread: number } | null {
  if (yards.length < 3) return null;
  const sorted = [...yards].sort((a, b) => a - b);
  const at = (share: number): number => sorted[Math.round(share * (sorted.length - 1))]!;
  return {
    carry: toMetres(median(sorted), 'yd'),
    spread: toMetres((at(0.75) - at(0.25)) / 2, 'yd'),
  };
}
