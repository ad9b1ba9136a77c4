import type { UnitSystem } from '@/core/ground/units/system';
import { readLessonFile } from '@/core/lesson/exchange/exchange';
import { readPlayersFile } from '@/core/lesson/exchange/rosterFile';
import { answer, sheetFor } from '@/core/tell/answer/answer';
import { changeEntries } from '@/core/tell/answer/changes';
import type { Hand, Skill } from '@/core/ground/player/player';
import type { ShotInput } from '@/core/contract/shot/shot';
import { calledLine } from '@/core/tell/sheet/calledLine';
import { TOLD_AT_FIRST } from '@/core/search/calls/prescribe';
import { simulate } from '@/core/tell/answer/simulation';
import { atFlag } from '@/core/tell/sheet/atFlag';
import { parseJson } from '@/core/contract/check/fault';
import { readSituation } from '@/core/contract/shot/situation';

/** The wedges that a class is called for: nobody's own. */
const CLASS_BAG = [46, 52, 56, 60].map((loft_deg) => ({
  name: String(loft_deg),
  type: 'wedge' as const,
  loft_deg,
}));

const clock = (): number => performance.now();

/** Reading, searching and telling that is too long for the thread that answers requests. */
export const CALLS = {
  answer: (situation: unknown, units: UnitSystem) => answer(situation, units, clock, TOLD_AT_FIRST),

  /** A call sheet; also with when the call changes. */
  sheet(situation: unknown, changes = false) {
    const reading = readSituation(situation);
    const { sheet } = sheetFor(reading, 'yards', clock, Infinity, true);
    if (!changes) return sheet;
    const [first] = sheet.calls;
    const called = first && atFlag(first) ? first : null;
    return { ...sheet, changes_when: changeEntries(reading, 'yards', called) };
  },

  /** What is called at the flag for a class's standard bag, in a line; null where nothing is. */
  classCall(shot: ShotInput, handed: Hand, skill: Skill, units: UnitSystem): string | null {
    const player = { handed, skill, bag: CLASS_BAG };
    const { told } = sheetFor(readSituation({ player, shot }), units, clock, 1);
    const called = told.find(({ entry }) => atFlag(entry));
    return called ? calledLine(called.entry) : null;
  },

  simulate: (input: unknown) => simulate(input),

  readPlayers: (...asked: Parameters<typeof readPlayersFile>) => readPlayersFile(...asked),

  readLesson: (text: string) => readLessonFile(parseJson(text, 'file')),
};
