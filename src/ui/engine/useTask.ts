'use client';

import { createContext, useContext, useEffect, useRef, useState } from 'react';
import type { Engine } from './engine';
import { Failure } from './failure';
import { pageEngine } from './pageEngine';

/** The engine that pages use; another one in tests. */
export const EngineContext = createContext<() => Engine>(pageEngine);

/** What the work of a task is given. */
export interface TaskJob<R> {
  engine: Engine;
  signal: AbortSignal;
  /** Shows the answer as far as it is known. */
  show: (value: R) => void;
}

export type TaskStatus = 'idle' | 'running' | 'done' | 'stopped' | 'failed';

/** A piece of computing as a component sees it. */
export interface Task<R> {
  status: TaskStatus;
  /** The answer to what is asked now, or as much of it as is known. */
  value: R | null;
  /** The latest answer, of something asked before while the new one is worked out. */
  last: R | null;
  /** Why it failed. */
  failure: Failure | null;
  /** Gives up; what is known stays. */
  stop: () => void;
}

interface Settled<R> {
  key: unknown;
  status: TaskStatus;
  value: R | null;
  last: R | null;
  failure: Failure | null;
}

const NOTHING = { key: null, status: 'idle', value: null, last: null, failure: null } as const;

/**
 * Works something out in the page's threads for as long as the component asks it. A new question gives the old one up, and an
 * answer that comes late is dropped.
 *
 * @param key tells one question from another: a text, or an object by its identity; null asks nothing
 * @param work asks the engine; what it shows and returns becomes the task's value
 * @param pauseMs rest before it begins, so that a question in motion is not asked at every step; null waits for another
 */
export function useTask<R>(
  key: string | object | null,
  work: (job: TaskJob<R>) => Promise<R>,
  pauseMs: number | null = 0,
): Task<R> {
  const engineOf = useContext(EngineContext);
  const [settled, setSettled] = useState<Settled<R>>(NOTHING);
  const stop = useRef<() => void>(() => {});
  const asked = useRef(work);
  const answered = useRef<unknown>(null);
  useEffect(() => {
    asked.current = work;
  });

  useEffect(() => {
    if (key === null || pauseMs === null || answered.current === key) return;
    const controller = new AbortController();
    const { signal } = controller;
    const put = (change: Partial<Settled<R>>): void => {
      if (signal.aborted) return;
      setSettled((now) => {
        const value = now.key === key ? now.value : null;
        const next = { ...now, key, failure: null, value, ...change };
        return { ...next, last: next.value ?? now.last };
      });
    };
    const begin = async (): Promise<void> => {
      put({ status: 'running', value: null });
      const show = (value: R): void => put({ status: 'running', value });
      try {
        const value = await asked.current({ engine: engineOf(), signal, show });
        if (!signal.aborted) answered.current = key;
        put({ status: 'done', value });
      } catch (error) {
        const failure = error instanceof Failure ? error : new Failure(null, error);
        put({ status: 'failed', failure });
      }
    };
    const timer = setTimeout(() => void begin(), pauseMs);
    stop.current = () => {
      put({ status: 'stopped' });
      clearTimeout(timer);
      controller.abort();
    };
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [key, engineOf, pauseMs]);

  const mine = key !== null && settled.key === key;
  return {
    status: key === null ? 'idle' : mine ? settled.status : 'running',
    value: mine ? settled.value : null,
    last: settled.last,
    failure: mine ? settled.failure : null,
    stop: () => stop.current(),
  };
}
