import type { Lie } from '@/core/ground/sand/lie';
import type { Shot } from '@/core/ground/situation/shot';

/** How sand differs from medium: packed under what looks dry, firmer, thinner or softer. */
export type SandApart = 'crust' | 'firmer' | 'thinner' | 'softer';

/** Another wedge of the bag, played the same way. */
export interface OtherSole {
  club: string;
  /** Radians. */
  bounce: number;
  /** Strokes that this one costs against it. */
  costs: number;
}

/** What is so of each factor in a call: SI. */
export type Facts =
  | {
      factor: 'lip';
      /** Launch that the lip asks for, and the ball's own, radians. */
      asks: number;
      launch: number;
      /** Above the top of the lip, m; null where the ball rolls up it. */
      clearance: number | null;
      out: number;
    }
  | { factor: 'lie'; lie: Lie }
  | { factor: 'sand'; sand: SandApart }
  /** Radians, uphill positive. */
  | { factor: 'slope'; along: number }
  | { factor: 'side-slope'; side: 'above' | 'below' }
  | { factor: 'wind'; from: 'across' | 'against' | 'behind' }
  | { factor: 'green'; green: Shot['green'] }
  | { factor: 'beyond'; beyond: Shot['beyond'] }
  | {
      factor: 'sole';
      /** Bounce as it is ground and as it works, radians. */
      bounce: number;
      effective: number;
      /** Carry of the player's usual heavy miss, and of the ball as planned, m. */
      heavy: number;
      planned: number;
      /** Strokes that the sole costs against ten degrees; null where that says nothing. */
      against: number | null;
      other: OtherSole | null;
    }
  | {
      factor: 'distance';
      /** m. */
      carry: number;
      run: number;
      total: number;
      /** Share of full head speed. */
      share: number;
    }
  | { factor: 'thin'; chance: number };

/** One reason for a call. */
export interface Reason {
  facts: Facts;
  /** Strokes that the factor costs against its neutral value; what it saves is negative, and nought where that is not known. */
  strokes: number;
}
