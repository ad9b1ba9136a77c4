import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { held } from '../testing/server';
import { standInEngine, WithEngine } from '../testing/engine';
import { workBroke } from './failure';
import { useTask, type TaskJob } from './useTask';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

type Work = (job: TaskJob<string>) => Promise<string>;

function opened(key: string | null, pauseMs: number | null = 10) {
  const { engine } = standInEngine();
  const jobs: { key: string | null; job: TaskJob<string>; answer: (value: string) => void }[] = [];
  const workOf =
    (of: string | null): Work =>
    (job) => {
      const answer = held<string>();
      jobs.push({ key: of, job, answer: answer.settle });
      return answer.promise;
    };
  const wrapper = ({ children }: { children: ReactNode }) => (
    <WithEngine engine={engine}>{children}</WithEngine>
  );
  const hook = renderHook(
    (asked: { key: string | null; pauseMs: number | null }) =>
      useTask<string>(asked.key, workOf(asked.key), asked.pauseMs),
    { initialProps: { key, pauseMs }, wrapper },
  );
  const rest = (): Promise<void> => act(() => jest.advanceTimersByTimeAsync(20));
  const ask = (next: string | null, pause: number | null = 10): void =>
    hook.rerender({ key: next, pauseMs: pause });
  return { jobs, rest, ask, task: () => hook.result.current };
}

test('nothing asked is idle; asked, it runs until the answer is there', async () => {
  const { jobs, rest, ask, task } = opened(null);
  await rest();
  expect(task().status).toBe('idle');
  ask('a');
  expect(task()).toMatchObject({ status: 'running', value: null });
  await rest();
  jobs[0]!.answer('A');
  await rest();
  expect(task()).toMatchObject({ status: 'done', value: 'A', last: 'A', failure: null });
});

test('a new question gives the old one up, keeps its answer as the last, and drops what comes late', async () => {
  const { jobs, rest, ask, task } = opened('a');
  await rest();
  jobs[0]!.answer('A');
  await rest();
  ask('b');
  await rest();
  expect(task()).toMatchObject({ status: 'running', value: null, last: 'A' });
  act(() => jobs[1]!.job.show('B, in part'));
  expect(task()).toMatchObject({ value: 'B, in part', last: 'B, in part' });
  ask('c');
  await rest();
  expect(jobs[1]!.job.signal.aborted).toBe(true);
  jobs[1]!.answer('B');
  await rest();
  expect(task()).toMatchObject({ status: 'running', value: null });
  jobs[2]!.answer('C');
  await rest();
  expect(task()).toMatchObject({ status: 'done', value: 'C' });
});

test('a question in motion is asked when it rests, and not again once it is answered', async () => {
  const { jobs, rest, ask, task } = opened('a', null);
  await rest();
  expect(jobs).toHaveLength(0);
  ask('a');
  await rest();
  jobs[0]!.answer('A');
  await rest();
  ask('a', null);
  expect(task().status).toBe('done');
  ask('a');
  await rest();
  expect(jobs).toHaveLength(1);
});

test('what is stopped keeps what is known, and what fails says so', async () => {
  const { jobs, rest, ask, task } = opened('a');
  await rest();
  act(() => jobs[0]!.job.show('half of it'));
  act(() => task().stop());
  expect(task()).toMatchObject({ status: 'stopped', value: 'half of it' });
  expect(jobs[0]!.job.signal.aborted).toBe(true);
  ask('b');
  await rest();
  jobs[1]!.answer(Promise.reject(new Error('no')) as unknown as string);
  await rest();
  expect(task().status).toBe('failed');
  expect(task().failure?.message).toBe(workBroke());
});
