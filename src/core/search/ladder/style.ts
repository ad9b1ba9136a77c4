import { openingLimitDeg, type Club } from '@/core/ground/club/club';
import type { Player } from '@/core/ground/player/player';
import { schoolById } from '../schools/schools';
import type { School } from '../schools/school';
import { setupOf } from '../candidates/candidate';
import type { Shot } from '@/core/ground/situation/shot';
import type { Setup } from '@/core/model/swing/setup';

/** Ways of playing that a ladder is made for, with the schools that they take, the first that fits a club. */
export const LADDER_STYLES = {
  splash: { schools: ['across'], face: 'open' },
  square: { schools: ['across'], face: 'square' },
  long: { schools: ['less-loft', 'squarer-sand-wedge'], face: 'square' },
  pick: { schools: ['pick'], face: 'square' },
} as const;

export type LadderStyle = keyof typeof LADDER_STYLES;
export const LADDER_STYLE_NAMES = Object.keys(LADDER_STYLES) as LadderStyle[];

/** Face of the nearly square splash, degrees: enough for the bounce to work. */
const NEARLY_SQUARE_DEG = 8;

/** The school of a style for a club; null when it takes no such club. */
export function schoolFor(style: LadderStyle, club: Club, player: Player): School | null {
  const { schools } = LADDER_STYLES[style];
  for (const id of schools) {
    const school = schoolById(id);
    if (school?.clubs(club, player)) return school;
  }
  return null;
}

/** Set-up of a style with a club, for a swing of `fraction`; the mark is the school's first. */
export function styleSetup(
  style: LadderStyle,
  school: School,
  club: Club,
  fraction: number,
  shot: Shot,
): Setup {
  const faces = school.faceDeg(shot);
  const open = faces[Math.floor(faces.length / 2)] ?? 0;
  const wanted =
    LADDER_STYLES[style].face === 'open'
      ? open
      : style === 'square'
        ? NEARLY_SQUARE_DEG
        : faces[0]!;
  const face = Math.min(openingLimitDeg(club), wanted);
  return { ...setupOf(school, club, face, school.entry(shot)[0] ?? 0.04, shot), fraction };
}
