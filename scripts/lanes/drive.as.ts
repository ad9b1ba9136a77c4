/* What the page asks of the kernel: so many balls of one set-up, four at a time. Everything that they share lies in memory as
   the layout says. Errors are six rows of single numbers, answers eleven, a row of answers `stride` bytes after the other. */

/** Where the aim lies, of four balls. */
const AIM: usize = 512;

/** The rows of answers, in this order. */
const ROWS: i32 = 11;

@inline function put(at: usize, row: i32, stride: usize, value: v128): void {
  v128.store(at + <usize>row * stride, value);
}

/**
 * Plays `count` times four balls.
 *
 * @param swings where the first of six rows of errors lies: mark, height, attack, speed, face, aim
 * @param row bytes from one row of errors to the next
 * @param answers where the first row of answers goes
 * @param stride bytes from one row of answers to the next
 */
export function play(count: i32, swings: usize, row: usize, answers: usize, stride: usize): void {
  start();
  for (let i = 0; i < count; i++) {
    const at = swings + (<usize>i << 4);
    SWING.mark = v128.load(at);
    SWING.height = v128.load(at + row);
    SWING.attack = v128.load(at + 2 * row);
    SWING.speed = v128.load(at + 3 * row);
    SWING.face = v128.load(at + 4 * row);
    SWING.aim = v128.load(at + 5 * row);
    footing_madeWith(SWING, FOOTING, ERROR);
    const struck = strike_swingWith(INTENT, ERROR);
    const finish = finish_finishOf(struck.launch, f32x4.add(v128.load(AIM), ERROR.aim), AHEAD);
    const outcome = outcome_outcomeAhead(finish, AHEAD, STAKES);
    const to = answers + (<usize>i << 4);
    put(to, 0, stride, outcome.strokes);
    put(to, 1, stride, finish.x);
    put(to, 2, stride, finish.y);
    put(to, 3, stride, finish.carry);
    put(to, 4, stride, struck.head.path);
    put(to, 5, stride, v128.and(struck.launch.thin, f32x4.splat(1)));
    put(to, 6, stride, outcome.out);
    put(to, 7, stride, outcome.lip);
    put(to, 8, stride, outcome.green);
    put(to, 9, stride, outcome.within2m);
    put(to, 10, stride, finish.lipClearance);
  }
}
