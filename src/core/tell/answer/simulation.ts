import { acrossFor } from '@/core/ground/player/player';
import { degrees } from '@/core/ground/units/angle';
import { oddsOf } from '@/core/model/odds/odds';
import { aimFor, playAsMeant } from '@/core/model/shot/play';
import { predict } from '@/core/model/shot/prediction';
import { sampleSwings } from '@/core/model/spread/swings';
import { sharedBy } from '@/core/search/calls/choosing';
import { TOLD } from '@/core/search/calls/call';
import { check } from '@/core/contract/check/fault';
import { rounded } from '@/core/contract/check/rounded';
import { readSetup, simulationSchema } from '@/core/contract/shot/setup';
import { readChecked } from '@/core/contract/shot/situation';
import { sayFact } from '../facts/sayFact';
import { MODEL_VERSION } from '../sheet/callSheet';
import { oddsEntry, predictedEntry } from '@/core/contract/shot/entries';

export const SIMULATION_FORMAT = 'mellow-divot/simulation';

/** What a set-up comes to. */
export type Simulation = ReturnType<typeof simulate>;

/**
 * Plays one explicit set-up in a situation, on the same swings as a call is told from: what the ball as meant does, and the odds over the player's swings. Where
 * the set-up does not say its aim, the one that sends the ball as meant to the line is used.
 *
 * @param input a situation with a `setup`, in the outside format
 * @throws FaultyInput naming every field that is wrong and what is allowed
 */
export function simulate(input: unknown) {
  const checked = check(simulationSchema, input);
  const { question, notes } = readChecked(checked);
  const { player, seed } = question;
  // A ball left in costs what it costs in a call: the two are read side by side.
  const { golfer, escapes } = sharedBy(question);
  const shot = { ...question.shot, leftIn: escapes.leftIn };
  const { setup, aim: said } = readSetup(checked.setup, player, shot);
  const aim = said ?? aimFor(setup, golfer, shot);
  const meant = playAsMeant(setup, golfer, shot, aim);
  const swings = sampleSwings(golfer.habits, TOLD, seed);
  return {
    format: SIMULATION_FORMAT,
    version: 1,
    /** The aim that was said, or the one that was found. */
    aim_deg: rounded(acrossFor(degrees(aim), player.handed), 1),
    predicted: predictedEntry(predict(setup, golfer, shot, meant)),
    odds: oddsEntry(oddsOf(setup, golfer, shot, aim, swings)),
    notes: notes.map((note) => sayFact(note)),
    model: MODEL_VERSION,
    seed,
  };
}
