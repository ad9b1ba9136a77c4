import { fact } from '@/core/ground/fact/fact';
import type { Thread } from '@/workers/page/thread';
import { engineOf, type Started } from './engine';
import { workBroke, Failure } from './failure';

/** A thread that a test answers for. */
function standInThread() {
  const asked: {
    input: unknown;
    answer: (value: unknown) => void;
    show: (part: unknown) => void;
  }[] = [];
  const stopped: number[] = [];
  let breakIt!: (error: Error) => void;
  const broken = new Promise<never>((_, reject) => (breakIt = reject));
  broken.catch(() => undefined);
  const end = jest.fn();
  const remote = {
    run: (_id: number, _name: string, [input]: [unknown], show: (part: unknown) => void) =>
      new Promise((answer) => asked.push({ input, answer, show })),
    stop: (id: number) => stopped.push(id),
  } as unknown as Thread;
  return { started: { remote, broken, end } satisfies Started, asked, stopped, end, breakIt };
}

function opened(width: number) {
  const threads: ReturnType<typeof standInThread>[] = [];
  const engine = engineOf(width, () => {
    threads.push(standInThread());
    return threads.at(-1)!.started;
  });
  const run = (input: unknown, priority = 0, show = (_: unknown): void => undefined) => {
    const controller = new AbortController();
    const { signal } = controller;
    const answer = engine.run('simulate', [input], { signal, priority, show });
    answer.catch(() => undefined);
    return { answer, controller };
  };
  const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
  return { threads, run, rest };
}

test('work goes to as many threads as the engine is wide, and no more', async () => {
  const { threads, run, rest } = opened(2);
  const answers = ['a', 'b', 'c'].map((input) => run(input).answer);
  await rest();
  expect(threads.map(({ asked }) => asked.map(({ input }) => input))).toEqual([['a'], ['b']]);
  threads[1]!.asked[0]!.answer({ value: 'B' });
  await expect(answers[1]).resolves.toBe('B');
  await rest();
  expect(threads[1]!.asked.map(({ input }) => input)).toEqual(['b', 'c']);
});

test('what is wanted soonest goes first', async () => {
  const { threads, run, rest } = opened(1);
  run('now');
  run('later', -1);
  run('soon', 1);
  await rest();
  threads[0]!.asked[0]!.answer({ value: 0 });
  await rest();
  expect(threads[0]!.asked.map(({ input }) => input)).toEqual(['now', 'soon']);
});

test('what nobody waits for is not begun, or is stopped and its parts are dropped', async () => {
  const { threads, run, rest } = opened(1);
  const seen: unknown[] = [];
  const first = run('first', 0, (part) => seen.push(part));
  const second = run('second');
  await rest();
  second.controller.abort();
  threads[0]!.asked[0]!.show('a part');
  first.controller.abort();
  threads[0]!.asked[0]!.show('another part');
  expect(seen).toEqual(['a part']);
  expect(threads[0]!.stopped).toHaveLength(1);
  threads[0]!.asked[0]!.answer({ value: 0 });
  await expect(first.answer).rejects.toThrow();
  await expect(second.answer).rejects.toThrow();
  await rest();
  expect(threads[0]!.asked).toHaveLength(1);
});

test('faulty input is told field by field, and the thread goes on', async () => {
  const { threads, run, rest } = opened(1);
  const { answer } = run('wrong');
  await rest();
  threads[0]!.asked[0]!.answer({ faults: [{ path: 'pin_yd', message: fact('check.required') }] });
  await expect(answer).rejects.toEqual(
    new Failure([{ path: 'pin_yd', message: fact('check.required') }]),
  );
  run('right');
  await rest();
  expect(threads).toHaveLength(1);
  expect(threads[0]!.asked).toHaveLength(2);
});

test('a thread that breaks is ended, said once, and another takes its place', async () => {
  const { threads, run, rest } = opened(1);
  const { answer } = run('a');
  await rest();
  threads[0]!.breakIt(new Error('out of memory'));
  await expect(answer).rejects.toThrow(workBroke());
  expect(threads[0]!.end).toHaveBeenCalledTimes(1);
  const next = run('b');
  await rest();
  expect(threads).toHaveLength(2);
  threads[1]!.asked[0]!.answer({ value: 'B' });
  await expect(next.answer).resolves.toBe('B');
});
