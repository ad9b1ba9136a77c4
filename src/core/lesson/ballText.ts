import { FaultyInput, type Fault } from '../contract/fault';
import { toMetres } from '../units/length';
import { unitFor } from '../units/say';
import type { UnitSystem } from '../units/system';
import { readBallChange, STRIKES, type LoggedFields, type Strike } from './ball';

/* A ball in a line: "e1.5 c12 r3 L2 thin". Entry in inches or centimetres, the rest in yards or metres, depth in mm. */

const NUMBER = String.raw`-?\d+(?:[.,]\d+)?`;

const LETTERS: Record<string, string> = {
  e: 'entry',
  c: 'carry',
  r: 'run',
  l: 'left',
  R: 'right',
  s: 'stopped',
  d: 'divot depth',
  w: 'divot length',
  h: 'height',
};

/** Other words for the strikes. */
const STRIKE_WORDS: Record<string, Strike> = {
  ...Object.fromEntries(STRIKES.map((strike) => [strike, strike])),
  fat: 'heavy',
  ok: 'good',
  clean: 'good',
  shank: 'heel',
};

const TOKEN = new RegExp(`^([ecrsdwhLRl])(${NUMBER})$`);

/**
 * Reads a ball as it is typed: `e` entry behind the ball (minus for ball first), `c` carry, `r` run, `s` where it stopped,
 * `L` and `R` to the side, `d` depth in mm and `w` length of the mark, `h` height, a strike, and a note after `!`.
 *
 * @throws FaultyInput for each part that is not understood, or that no ball can have
 */
export function readBallText(text: string, units: UnitSystem): LoggedFields {
  const [line = '', note] = text.split('!', 2);
  const ground = unitFor('ground', units);
  const small = unitFor('short', units);
  const height = unitFor('height', units);
  const ball: LoggedFields = {};
  const faults: Fault[] = [];
  let run: number | undefined;
  for (const part of line.trim().split(/\s+/).filter(Boolean)) {
    const strike = STRIKE_WORDS[part.toLowerCase()];
    if (strike) {
      ball.strike = strike;
      continue;
    }
    const found = TOKEN.exec(part);
    if (!found) {
      faults.push({
        path: 'ball',
        message: `"${part}" is not understood: ${Object.entries(LETTERS)
          .map(([letter, word]) => `${letter} ${word}`)
          .join(', ')}, or ${STRIKES.join(', ')}`,
      });
      continue;
    }
    const value = Number(found[2]!.replace(',', '.'));
    switch (found[1]) {
      case 'e':
        ball.entry_m = toMetres(value, small);
        break;
      case 'c':
        ball.carry_m = toMetres(value, ground);
        break;
      case 'r':
        run = toMetres(value, ground);
        break;
      case 's':
        ball.along_m = toMetres(value, ground);
        break;
      case 'l':
      case 'L':
        ball.right_m = -toMetres(value, ground);
        break;
      case 'R':
        ball.right_m = toMetres(value, ground);
        break;
      case 'd':
        ball.divot_depth_m = value / 1000;
        break;
      case 'w':
        ball.divot_length_m = toMetres(value, small);
        break;
      case 'h':
        ball.height_m = toMetres(value, height);
        break;
    }
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  if (run !== undefined) {
    if (ball.carry_m === undefined) {
      throw new FaultyInput([{ path: 'ball', message: 'a run needs a carry before it: c12 r3' }]);
    }
    ball.along_m ??= ball.carry_m + run;
  }
  if (ball.along_m !== undefined && ball.right_m === undefined) ball.right_m = 0;
  if (note?.trim()) ball.note = note.trim();
  if (Object.keys(ball).length === 0) {
    throw new FaultyInput([{ path: 'ball', message: 'nothing of a ball was said' }]);
  }
  return readBallChange(ball);
}
