import { act, renderHook } from '@testing-library/react';
import { useForm } from 'react-hook-form';
import { sentOf, takeSaved, typedSince } from './takeSaved';

interface Typed {
  where: string;
  items: { drill: string }[];
}

const AT_FIRST: Typed = { where: '', items: [] };
const SENT: Typed = { where: ' the range ', items: [{ drill: 'line' }] };

/** A form in which `SENT` stands. */
function filled() {
  const { result } = renderHook(() => {
    const form = useForm<Typed>({ defaultValues: AT_FIRST });
    return { ...form, isDirty: form.formState.isDirty };
  });
  act(() => {
    result.current.setValue('where', SENT.where, { shouldDirty: true });
    result.current.setValue('items', SENT.items, { shouldDirty: true });
  });
  return result;
}

test('a form stands as it was saved once it is', () => {
  const form = filled();
  const sent = sentOf(form.current);
  const saved = { ...SENT, where: 'the range' };
  act(() => takeSaved(form.current, sent, saved));
  expect(form.current.getValues()).toEqual(saved);
  expect(form.current.isDirty).toBe(false);
});

test('what was typed meanwhile stays, not saved yet; the tab forgets the rest first', () => {
  const form = filled();
  const sent = sentOf(form.current);
  act(() => form.current.setValue('where', 'the beach'));
  const seen: string[] = [];
  act(() => takeSaved(form.current, sent, SENT, () => seen.push(form.current.getValues('where'))));
  expect(seen).toEqual([SENT.where]);
  expect(form.current.getValues()).toEqual({ ...SENT, where: 'the beach' });
  expect(form.current.isDirty).toBe(true);
});

test.each([
  ['82 83', '82 83', ''],
  ['82 83 84', '82 83', '84'],
  ['8', '82 83', '8'],
])('of "%s", of which "%s" was sent, "%s" stays', (now, sent, since) => {
  expect(typedSince(now, sent)).toBe(since);
});
