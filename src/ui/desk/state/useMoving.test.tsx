import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Answer } from '@/core/tell/answer/answer';
import { EngineContext } from '../../engine/useTask';
import { standInEngine } from '../../testing/engine';
import { useMoving } from './useMoving';

/** An answer by the name of its first club. */
const anAnswer = (club: string, ruledOut: readonly string[] = []): Answer =>
  ({
    sheet: { calls: [{ club }], ruled_out: ruledOut },
    near: { starts: [club], ways: [] },
  }) as unknown as Answer;

interface Props {
  pin: number;
  from: Answer | null;
  held: boolean;
}

function opened(first: Props) {
  const { engine, asked } = standInEngine();
  const engineHere = () => engine;
  const wrapper = ({ children }: { children: ReactNode }) => (
    <EngineContext value={engineHere}>{children}</EngineContext>
  );
  const { result, rerender } = renderHook(
    ({ pin, from, held }: Props) => useMoving({ pin }, 'yards', from, held),
    { initialProps: first, wrapper },
  );
  const pins = (): unknown[] => asked('answerNear').map(({ asked: [reading] }) => reading);
  const club = (): unknown => result.current?.sheet.calls[0]?.club;
  return { asked, pins, club, result, rerender };
}

test('one question at a time, each for the reading as it is when the one before is answered', async () => {
  const from = anAnswer('56', ['7 iron']);
  const { asked, pins, club, result, rerender } = opened({ pin: 15, from, held: true });
  expect(pins()).toEqual([]);
  for (const pin of [16, 17, 18]) {
    rerender({ pin, from, held: true });
    await waitFor(() => expect(pins()).toHaveLength(1));
  }
  expect(pins()).toEqual([{ pin: 16 }]);
  expect(asked('answerNear')[0]!.asked[2]).toBe(from.near);
  await act(async () => asked('answerNear')[0]!.answer(anAnswer('52')));
  await waitFor(() => expect(pins()).toEqual([{ pin: 16 }, { pin: 18 }]));
  expect(club()).toBe('52');
  // What cannot do it at all is not looked for while it moves.
  expect(result.current!.sheet.ruled_out).toEqual(['7 iron']);
  await act(async () => asked('answerNear')[1]!.answer(null));
  expect(club()).toBe('52');
});

test('it stands until the search has answered, and no longer', async () => {
  const from = anAnswer('56');
  const { asked, club, pins, rerender } = opened({ pin: 15, from, held: true });
  rerender({ pin: 20, from, held: true });
  await waitFor(() => expect(pins()).toHaveLength(1));
  await act(async () => asked('answerNear')[0]!.answer(anAnswer('52')));
  rerender({ pin: 20, from, held: false });
  expect(club()).toBe('52');
  rerender({ pin: 20, from: anAnswer('48'), held: false });
  expect(club()).toBeUndefined();
});

test('what cannot be answered is left to the search', async () => {
  const from = anAnswer('56');
  const { asked, club, pins, rerender } = opened({ pin: 15, from, held: true });
  rerender({ pin: 20, from, held: true });
  await waitFor(() => expect(pins()).toHaveLength(1));
  await act(async () => asked('answerNear')[0]!.fail(new Error('no such lip')));
  rerender({ pin: 21, from, held: true });
  expect(club()).toBeUndefined();
});

test('nothing is asked where no hand holds the reading', async () => {
  const from = anAnswer('56');
  const { pins, rerender } = opened({ pin: 15, from, held: false });
  rerender({ pin: 20, from, held: false });
  await act(() => new Promise((resolve) => setTimeout(resolve, 60)));
  expect(pins()).toEqual([]);
});
