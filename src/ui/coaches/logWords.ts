import { t } from '@/core/tell/language/t';
import { ROLES } from '@/core/lesson/coaches/account';
import { ROLE_WORDS } from '@/core/tell/lessons/roleWords';

/** How a role is said; the role itself where it is none of today's. */
const roleWords = (said: string): string => {
  const role = ROLES.find((each) => each === said);
  return role ? ROLE_WORDS[role].name : said;
};

/** What the log notes, and how it is said. */
const NOTED: readonly (readonly [pattern: RegExp, say: (...parts: string[]) => string])[] = [
  [/^was refused at signing in$/, () => t('was refused sign-in')],
  [/^signed in$/, () => t('signed in')],
  [/^signed out$/, () => t('signed out')],
  [/^ended a session$/, () => t('ended a session')],
  [/^made a player’s link$/, () => t('made a player’s link')],
  [/^withdrew a player’s link$/, () => t('withdrew a player’s link')],
  [/^brought a phone to a lesson$/, () => t('brought a phone to a lesson')],
  [/^erased a player$/, () => t('erased a player')],
  [/^exported the players$/, () => t('exported the players')],
  [/^exported from (\w+)$/, (of) => t('exported from {of}', { of: of! })],
  [
    /^added (\S+) as ([\w-]+)$/,
    (who, role) => t('added {who} as {role}', { who: who!, role: roleWords(role!) }),
  ],
  [
    /^changed (\S+), ([\w-]+)$/,
    (who, role) => t('changed {who}, {role}', { who: who!, role: roleWords(role!) }),
  ],
  [
    /^changed the passphrase of (\S+)$/,
    (who) => t('changed the passphrase of {who}', { who: who! }),
  ],
  [/^ended (\S+)$/, (who) => t('removed {who}', { who: who! })],
];

/**
 * A line of the log in the language in force; as it was noted where nobody knows it any more.
 *
 * @example
 * logWords('added bo as head-coach'); // => 'added bo as head coach'
 */
export function logWords(noted: string): string {
  for (const [pattern, say] of NOTED) {
    const found = pattern.exec(noted);
    if (found) return say(...found.slice(1));
  }
  return noted;
}
