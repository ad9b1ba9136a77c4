import { LEARNT_LIMITS, type LearntFactors } from '@/core/ground/player/learnt';
import {
  BODY_CAUTIONS,
  HANDS,
  MASTERIES,
  SKILLS,
  USUAL_MISSES,
  type Mastery,
  type Player,
} from '@/core/ground/player/player';
import { TRICKS } from '@/core/search/schools/schools';
import { bagSchema, clubName, MOST_CLUBS, readClub } from './club';
import {
  exactObject,
  integerField,
  listField,
  numberField,
  required,
  wordField,
  type Field,
  type Of,
} from '../check/fields';

/** A factor of what was learnt, within its limits. */
function learntField(name: keyof typeof LEARNT_LIMITS, unit?: string): Field<number> {
  const [low, high] = LEARNT_LIMITS[name];
  return required(numberField(low, high, unit));
}

/** Which learning of a player it is. */
export const learntVersion = integerField(1, 1_000_000);

/** What was learnt of a player, as factors on what the skill says. */
export const learntSchema: Field<LearntFactors | undefined> = exactObject({
  version: required(learntVersion),
  balls: required(integerField(0, 1_000_000)),
  mark_bias_mm: learntField('mark_bias_mm', 'mm'),
  mark_scale: learntField('scale'),
  distance: learntField('distance'),
  distance_scale: learntField('scale'),
  aim_bias_deg: learntField('aim_bias_deg', 'deg'),
  aim_scale: learntField('scale'),
  clubs: required(
    listField(
      exactObject({ club: required(clubName), distance: learntField('distance') }),
      0,
      MOST_CLUBS,
    ),
  ),
});

/** Parts of the body that are to be spared, each at most once. */
export const cautionsField = listField(wordField(BODY_CAUTIONS), 0, BODY_CAUTIONS.length);

/** How far a player has each technique that has to be practised first, by its id. */
export const techniquesField = exactObject(
  Object.fromEntries(TRICKS.map(({ id }) => [id, wordField(MASTERIES)])) as Record<
    string,
    Field<Mastery | undefined>
  >,
);

export const playerSchema = exactObject({
  handed: wordField(HANDS),
  skill: required(wordField(SKILLS)),
  bag: bagSchema,
  /** Name of the club of the bag that the player trusts from sand. */
  trusted_club: clubName,
  usual_miss: wordField(USUAL_MISSES),
  cautions: cautionsField,
  techniques: techniquesField,
  learnt: learntSchema,
});

/** A checked player in SI units; right-handed where nobody says. */
export function readPlayer(input: Of<typeof playerSchema>): Player {
  return {
    handed: input.handed ?? 'right',
    skill: input.skill,
    bag: input.bag.map(readClub),
    ...(input.trusted_club === undefined ? {} : { trusted: input.trusted_club }),
    ...(input.usual_miss === undefined ? {} : { usualMiss: input.usual_miss }),
    ...(input.cautions === undefined ? {} : { cautions: input.cautions }),
    ...(input.techniques === undefined ? {} : { techniques: input.techniques }),
    ...(input.learnt === undefined ? {} : { learnt: input.learnt }),
  };
}
