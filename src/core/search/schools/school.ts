import type { Fact } from '@/core/ground/fact/fact';
import type { Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { TechniqueName } from '@/core/model/swing/technique';

export const KINDS = [
  'splash',
  'long-splash',
  'pick',
  'dig',
  'chip',
  'putt',
  'out-sideways',
  'relief',
] as const;
export type Kind = (typeof KINDS)[number];

export const FINISHES = ['full', 'three-quarter', 'short', 'left-in-sand'] as const;
export type FinishName = (typeof FINISHES)[number];

/** What of the set-up is solved for the distance: most solve the swing; some keep the swing and change another. */
export type Solves = 'swing' | 'entry' | 'face';

/** Whether a club of the bag is used for a shot; without a shot, whether it ever is. */
export type ClubRule = (club: Club, player: Pick<Player, 'bag'>, shot?: Shot) => boolean;

/** A coach's way of playing a shot, as constraints on the set-up. All schools go through the same model. */
export interface School {
  id: string;
  kind: Kind;
  technique: TechniqueName;
  /** A steeper way to send the head at the ball, which its teachers use as well: both are tried. */
  steeper?: TechniqueName;
  /** True of what has to be practised before it is played: only who knows it is asked for it, and it pays for that. */
  trick?: boolean;
  /** True of what is not meant to reach the flag. */
  laysUp?: boolean;
  /** Why it is not for this ball, or null. */
  applies: (shot: Shot) => Fact | null;
  /** Which clubs of the bag it uses. */
  clubs: ClubRule;
  /** Faces tried, degrees, open positive. */
  faceDeg: (shot: Shot) => readonly number[];
  /** Marks tried, m behind the ball. */
  entry: (shot: Shot) => readonly number[];
  solves: Solves;
  /** Shortest and longest swing, as shares of full head speed. */
  fraction: readonly [number, number];
  /** Share of the aim that the feet turn with: 1 along the path, 0 parallel to the line of the flag. */
  feetWithPath: number;
  /** Greatest aim off the line of the flag that the school can live with, degrees. */
  mostAimDeg: number;
  stanceWidth: number;
  dig: number;
  gripDown: number;
  handleLoweredDeg: number;
  shaftLeanDeg: number;
  weightLead: number;
  /** How much the hands turn the face by impact, degrees: held open +, turned over -. */
  releaseDeg: number;
  bodyWithSlope: number;
  finish: FinishName;
  /** How far it is from the plainest set-up, for ties: lower is simpler. */
  fuss: number;
}

/** A school from what sets it apart from `base`. */
export type Row = Partial<School> & Pick<School, 'id'>;

/** Rows over a common base. */
export const rows = (base: Omit<School, 'id'>, list: readonly Row[]): School[] =>
  list.map((row) => ({ ...base, ...row }));
