import type { ExchangedBall } from '@/core/lesson/balls/ball';

/** A ball as it is shown: saved, or still on its way. */
export type ShownBall = ExchangedBall & {
  /** The server's order; absent until it has it. */
  seq?: number;
  /** The server's order of what was logged or changed; absent until it has it. */
  touched?: number;
  /** True while the server has not acknowledged it. */
  pending?: boolean;
};
