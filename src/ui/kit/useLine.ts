'use client';
import { wrongWords } from '@/core/tell/facts/faultWords';

import { useController, useForm } from 'react-hook-form';
import { FaultyInput } from '@/core/contract/check/fault';
import { typedSince } from './takeSaved';
import { useKeptForm } from './useKeptForm';

/** Takes a line over; gives back what is wrong with it, or null. May throw FaultyInput. */
type Take = (text: string) => string | null | Promise<string | null>;

interface LineOptions {
  start?: string;
  /** Key that what is typed is kept under in this tab, over a reload; null keeps nothing. */
  keptAs?: string | null;
}

/**
 * A form of one line: what was typed stays, with what is wrong with it, until it is taken; then it is empty again, but for what was
 * typed behind it meanwhile.
 */
export function useLine(take: Take, { start = '', keptAs = null }: LineOptions = {}) {
  const form = useForm({ defaultValues: { line: start } });
  const letGo = useKeptForm(keptAs, form);
  const { handleSubmit, reset, getValues, setError, setValue, control, formState } = form;
  const { field } = useController({ control, name: 'line' });
  const submit = handleSubmit(async ({ line }) => {
    const fault = await faultOf(take, line);
    if (fault !== null) return setError('line', { message: fault });
    const since = typedSince(getValues('line'), line);
    reset({ line: '' });
    letGo();
    if (since !== '') setValue('line', since, { shouldDirty: true });
  });
  return {
    text: field.value,
    put: (line: string): void => setValue('line', line),
    input: field,
    submit: (event?: React.BaseSyntheticEvent): void => void submit(event),
    fault: formState.errors.line?.message ?? null,
    busy: formState.isSubmitting,
  };
}

async function faultOf(take: Take, line: string): Promise<string | null> {
  try {
    return await take(line);
  } catch (error) {
    if (!(error instanceof FaultyInput)) throw error;
    return wrongWords(error.faults);
  }
}
