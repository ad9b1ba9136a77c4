import { SPLASH_SCHOOLS } from '@/core/schools/splash';

/** Kinds of shot as they are said. */
export const KIND_WORDS: Record<string, string> = {
  splash: 'splash',
  'long-splash': 'long splash',
};

/** A school in a word or two: its id without the hyphens. */
export const shortSchoolName = (id: string): string => id.replaceAll('-', ' ');

/** A school's own words for itself, by its id. */
export function schoolName(id: string): string {
  return SPLASH_SCHOOLS.find((school) => school.id === id)?.name ?? id;
}
