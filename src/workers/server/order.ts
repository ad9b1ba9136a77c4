import '@/core/model/batch/start';
import { speakAs, type Language } from '@/core/tell/language/language';
import { SPOKEN } from '@/core/tell/language/speaking';
import { worked, type Worked } from '../worked';
import type { CALLS } from './calls';
import type { PAPER } from './paper';

type Tasks = typeof CALLS & typeof PAPER;

export type TaskName = keyof Tasks;
export type Asked<N extends TaskName> = Parameters<Tasks[N]>;
export type Answered<N extends TaskName> = Awaited<ReturnType<Tasks[N]>>;

/** A task as it goes to a thread. */
export interface Order {
  name: string;
  asked: readonly unknown[];
  /** The language in which it is answered. */
  language: Language;
}

type Task = (...asked: readonly unknown[]) => unknown;

/** Does an order with one of some tasks. */
export const doing =
  (tasks: object) =>
  ({ name, asked, language }: Order): Promise<Worked<unknown>> => {
    speakAs(() => SPOKEN[language]);
    return worked(() => (tasks as Record<string, Task>)[name]!(...asked));
  };
