import type { LearntFactors } from '@/core/ground/player/learnt';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { HousePreferences } from './house';
import type { PlayerRecord } from './record';

/** A player of the roster. */
export interface RosterPlayer extends PlayerRecord {
  id: string;
  archived: boolean;
  /** What was learnt from this player's balls and accepted. */
  learnt?: LearntFactors;
  /** ISO 8601, UTC. */
  updatedAt: string;
}

/** A player in the roster's list. */
export interface ListedPlayer extends RosterPlayer {
  readings: number;
  /** Day of the latest lesson; absent where there was none. */
  lastLesson?: string;
}

/** What a list of players can be ordered by. */
export const PLAYER_ORDERS = ['name', 'skill', 'readings', 'changed'] as const;
export type PlayerOrder = (typeof PLAYER_ORDERS)[number];

/** A page of the roster, and how many players there are in all. */
export interface RosterPageData {
  players: ListedPlayer[];
  total: number;
}

/** The record of a player: what is typed, without what the product keeps about it. */
export function recordOf(player: RosterPlayer): PlayerRecord {
  const {
    name,
    handed,
    skill,
    handicap,
    usual_miss,
    trusted_club,
    cautions,
    units,
    schools,
    techniques,
    notes,
    bag,
  } = player;
  return {
    name,
    handed,
    skill,
    ...(handicap === undefined ? {} : { handicap }),
    ...(usual_miss ? { usual_miss } : {}),
    ...(trusted_club ? { trusted_club } : {}),
    cautions,
    ...(units ? { units } : {}),
    schools,
    ...(techniques ? { techniques } : {}),
    notes,
    bag,
  };
}

/** A player with the house's schools where the player prefers none, and with how cautious its calls are. */
export const inHouse = <T extends PlayerRecord>(
  player: T,
  { schools, caution }: HousePreferences,
): T & { caution?: number } => ({
  ...player,
  ...(player.schools.length > 0 ? {} : { schools }),
  ...(caution === undefined ? {} : { caution }),
});

/** The situation of a shot for a player, in the outside format. */
export function situationFor(
  player: PlayerRecord & { learnt?: LearntFactors; caution?: number },
  shot: ShotInput,
): object {
  const { handed, skill, bag, usual_miss, trusted_club, cautions, techniques, learnt } = player;
  const { schools, caution } = player;
  const prefer = {
    ...(schools.length > 0 ? { schools } : {}),
    ...(caution === undefined ? {} : { caution }),
  };
  return {
    player: {
      handed,
      skill,
      bag,
      ...(usual_miss ? { usual_miss } : {}),
      ...(trusted_club ? { trusted_club } : {}),
      ...(cautions.length > 0 ? { cautions } : {}),
      ...(techniques ? { techniques } : {}),
      ...(learnt ? { learnt } : {}),
    },
    shot,
    ...(Object.keys(prefer).length > 0 ? { prefer } : {}),
  };
}
