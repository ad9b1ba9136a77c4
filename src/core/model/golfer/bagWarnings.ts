import { speedFromCarry } from './headSpeed';
import { median } from '@/core/ground/numeric/order';
import { fact, type Fact } from '@/core/ground/fact/fact';
import type { Player } from '@/core/ground/player/player';

/** A stock carry that asks for a head speed this far from the median of the bag is odd. */
const ODD_SPEED = 0.14;

/** What looks wrong about a bag: warned of, never refused. */
export function bagWarnings(player: Player): Fact[] {
  const warnings: Fact[] = [];
  const struck = player.bag.filter((club) => club.type !== 'putter');
  const known = struck.filter((club) => club.stockCarry !== undefined);
  const speeds = known.map((club) => speedFromCarry(club, club.stockCarry!, player.skill));
  const usual = speeds.length > 0 ? median(speeds) : 0;
  known.forEach((club, i) => {
    if (speeds.length < 3 || Math.abs(speeds[i]! / usual - 1) <= ODD_SPEED) return;
    warnings.push(
      fact('bag.oddCarry', {
        club: club.name,
        carry: { metres: club.stockCarry!, scale: 'ground', whole: true },
      }),
    );
  });
  const byLoft = [...known].sort((a, b) => b.loft - a.loft);
  byLoft.forEach((club, i) => {
    const next = byLoft[i + 1];
    if (next && next.loft < club.loft && next.stockCarry! < club.stockCarry!) {
      warnings.push(fact('bag.outOfOrder', { club: next.name, other: club.name }));
    }
  });
  return warnings;
}
