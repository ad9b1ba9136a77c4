/* What the page asks of the kernel: so many balls of one set-up, four at a time. Everything that they share lies in memory where
   the page has put it. Errors are six rows of single numbers, answers twelve. */

/** Where the aim lies, of four balls. */
const AIM: usize = 512;

/** The rows of errors, and of answers. */
const ERRORS: i32 = 6;
const ANSWERS: i32 = 12;

/** Balls that are played at most, and where what is known of them for a while lies: doubts, then those that are played again. */
const MOST: usize = 1024;
const DOUBTS: usize = 49152;
const AGAIN: usize = DOUBTS + MOST * 4;
const BALLS: usize = AGAIN + 16 * 16;

/** Plays four swings, of which the errors lie in rows. */
function playFour(swings: usize, row: usize, answers: usize, stride: usize, steps: i32): v128 {
  SWING.mark = v128.load(swings);
  SWING.height = v128.load(swings + row);
  SWING.attack = v128.load(swings + 2 * row);
  SWING.speed = v128.load(swings + 3 * row);
  SWING.face = v128.load(swings + 4 * row);
  SWING.aim = v128.load(swings + 5 * row);
  footing_madeWith(SWING, FOOTING, ERROR);
  const struck = strike_swingInSteps(INTENT, ERROR, steps);
  const finish = finish_finishOf(struck.launch, f32x4.add(v128.load(AIM), ERROR.aim), AHEAD);
  const outcome = outcome_outcomeAhead(finish, AHEAD, STAKES);
  v128.store(answers, outcome.strokes);
  v128.store(answers + stride, finish.x);
  v128.store(answers + 2 * stride, finish.y);
  v128.store(answers + 3 * stride, finish.carry);
  v128.store(answers + 4 * stride, struck.head.path);
  v128.store(answers + 5 * stride, v128.and(struck.launch.thin, f32x4.splat(1)));
  v128.store(answers + 6 * stride, outcome.out);
  v128.store(answers + 7 * stride, outcome.lip);
  v128.store(answers + 8 * stride, outcome.green);
  v128.store(answers + 9 * stride, outcome.within2m);
  v128.store(answers + 10 * stride, finish.lipClearance);
  v128.store(answers + 11 * stride, struck.head.mark);
  return struck.head.doubt;
}

/** Copies a ball's answers from one of four to its place. */
function keep(lane: i32, to: usize, stride: usize): void {
  for (let i = 0; i < ANSWERS; i++) {
    const answer = load<f32>(BALLS + (<usize>i << 4) + (<usize>lane << 2));
    store<f32>(to + <usize>i * stride, answer);
  }
}

/** Plays four swings of one set-up again in many steps: those at these places. The last stands for those that are missing. */
function playAgain(count: i32, swings: usize, row: usize, answers: usize, stride: usize): void {
  for (let lane = 0; lane < 4; lane++) {
    const at = load<u32>(PLACES + (<usize>min(lane, count - 1) << 2)) << 2;
    for (let i = 0; i < ERRORS; i++) {
      const error = load<f32>(swings + <usize>i * row + at);
      store<f32>(AGAIN + (<usize>i << 4) + (<usize>lane << 2), error);
    }
  }
  playFour(AGAIN, 16, BALLS, 16, MANY_STEPS);
  for (let lane = 0; lane < count; lane++) {
    keep(lane, answers + (load<u32>(PLACES + (<usize>lane << 2)) << 2), stride);
  }
}

@inline function isDoubtful(ball: i32): bool {
  return load<f32>(DOUBTS + (<usize>ball << 2)) > <f32>DOUBTFUL;
}

/** Plays four balls that may be of four set-ups. */
export function playApart(swings: usize, row: usize, answers: usize, stride: usize): void {
  start();
  v128.store(DOUBTS, playFour(swings, row, answers, stride, STEPS));
  if (!isDoubtful(0) && !isDoubtful(1) && !isDoubtful(2) && !isDoubtful(3)) return;
  playFour(swings, row, BALLS, 16, MANY_STEPS);
  for (let lane = 0; lane < 4; lane++) {
    if (isDoubtful(lane)) keep(lane, answers + (<usize>lane << 2), stride);
  }
}

/** Places of up to four balls that are played again. */
const PLACES: usize = AIM + 16;

/**
 * Plays `count` times four balls of one set-up in few steps through the sand, and those of which that leaves doubt again in many.
 *
 * @param count at most a quarter of MOST
 * @param swings where the first of the rows of errors lies: mark, height, attack, speed, face, aim
 * @param row bytes from one row of errors to the next
 * @param answers where the first row of answers goes
 * @param stride bytes from one row of answers to the next
 */
export function play(count: i32, swings: usize, row: usize, answers: usize, stride: usize): void {
  start();
  for (let i = 0; i < count; i++) {
    const at = <usize>i << 4;
    v128.store(DOUBTS + at, playFour(swings + at, row, answers + at, stride, STEPS));
  }
  let waiting = 0;
  for (let i = 0; i < 4 * count; i++) {
    if (!isDoubtful(i)) continue;
    store<u32>(PLACES + (<usize>waiting << 2), i);
    waiting += 1;
    if (waiting == 4) {
      playAgain(4, swings, row, answers, stride);
      waiting = 0;
    }
  }
  if (waiting > 0) playAgain(waiting, swings, row, answers, stride);
}
