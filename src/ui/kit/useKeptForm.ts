'use client';

import { useCallback, useEffect, useRef } from 'react';
import type { DefaultValues, FieldValues, UseFormReturn } from 'react-hook-form';
import { keepText, keptIn, letGo } from './kept';

/**
 * Keeps what is typed in a form in this tab: a reload does not lose it.
 *
 * @param key null keeps nothing
 * @returns keeps nothing any more: what was typed is stored elsewhere now
 */
export function useKeptForm<T extends FieldValues>(
  key: string | null,
  form: Pick<UseFormReturn<T>, 'reset' | 'getValues' | 'subscribe' | 'formState'>,
): () => void {
  const { reset, getValues, subscribe, formState } = form;
  const start = useRef<unknown>(formState.defaultValues);
  useEffect(() => {
    start.current = formState.defaultValues;
  });
  useEffect(() => {
    if (key === null) return;
    // After the first paint: the server knows nothing of this tab, and both must draw the same at first.
    const timer = setTimeout(() => {
      const kept = keptIn<T>(key);
      if (kept) reset({ ...getValues(), ...kept } as DefaultValues<T>, { keepDefaultValues: true });
    }, 0);
    const stop = subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        const typed = JSON.stringify(values);
        if (typed === JSON.stringify(start.current)) letGo(key);
        else keepText(key, typed);
      },
    });
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [key, reset, getValues, subscribe]);
  return useCallback(() => {
    if (key !== null) letGo(key);
  }, [key]);
}
