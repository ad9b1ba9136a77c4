import { speedFromCarry } from './headSpeed';
import { median } from '@/core/ground/numeric/order';
import type { Player } from '@/core/ground/player/player';
import { fromMetres } from '@/core/ground/units/length';
import { unitFor } from '@/core/ground/units/say';
import type { UnitSystem } from '@/core/ground/units/system';

/** A stock carry that asks for a head speed this far from the median of the bag is odd. */
const ODD_SPEED = 0.14;

/** Something that looks wrong, as it is said in a reader's units. */
type Warning = (units: UnitSystem) => string;

/** What looks wrong about a bag: warned of, never refused. */
export function bagWarnings(player: Player): Warning[] {
  const warnings: Warning[] = [];
  const struck = player.bag.filter((club) => club.type !== 'putter');
  const known = struck.filter((club) => club.stockCarry !== undefined);
  const speeds = known.map((club) => speedFromCarry(club, club.stockCarry!, player.skill));
  const usual = speeds.length > 0 ? median(speeds) : 0;
  known.forEach((club, i) => {
    if (speeds.length < 3 || Math.abs(speeds[i]! / usual - 1) <= ODD_SPEED) return;
    const carry = club.stockCarry!;
    warnings.push((units) => {
      const unit = unitFor('ground', units);
      return `${club.name}: a stock carry of ${Math.round(fromMetres(carry, unit))} ${unit} does not fit the rest of the bag, so head speed comes from the other clubs.`;
    });
  });
  const byLoft = [...known].sort((a, b) => b.loft - a.loft);
  byLoft.forEach((club, i) => {
    const next = byLoft[i + 1];
    if (next && next.loft < club.loft && next.stockCarry! < club.stockCarry!) {
      warnings.push(
        () =>
          `${next.name} has less loft than ${club.name} but carries less: lofts or carries are out of order.`,
      );
    }
  });
  return warnings;
}
