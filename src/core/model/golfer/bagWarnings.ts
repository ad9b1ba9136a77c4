import { speedFromCarry } from './headSpeed';
import { median } from '@/core/ground/numeric/order';
import type { Player } from '@/core/ground/player/player';
import { fromMetres } from '@/core/ground/units/length';

/** A stock carry that asks for a head speed this far from the median of the bag is odd. */
const ODD_SPEED = 0.14;

/** What looks wrong about a bag, in sentences: warned of, never refused. */
export function bagWarnings(player: Player): string[] {
  const warnings: string[] = [];
  const struck = player.bag.filter((club) => club.type !== 'putter');
  const known = struck.filter((club) => club.stockCarry !== undefined);
  const speeds = known.map((club) => speedFromCarry(club, club.stockCarry!, player.skill));
  const usual = speeds.length > 0 ? median(speeds) : 0;
  known.forEach((club, i) => {
    if (speeds.length < 3 || Math.abs(speeds[i]! / usual - 1) <= ODD_SPEED) return;
    const yards = Math.round(fromMetres(club.stockCarry!, 'yd'));
    warnings.push(
      `${club.name}: a stock carry of ${yards} yd does not fit the rest of the bag; the others set the head speed.`,
    );
  });
  const byLoft = [...known].sort((a, b) => b.loft - a.loft);
  byLoft.forEach((club, i) => {
    const next = byLoft[i + 1];
    if (next && next.loft < club.loft && next.stockCarry! < club.stockCarry!) {
      warnings.push(
        `${next.name} has less loft than ${club.name} but carries less: lofts or carries are out of order.`,
      );
    }
  });
  return warnings;
}
