import { t } from '@/core/tell/language/t';
import { toast } from 'sonner';
import { ask, saidOf, type Replied } from './client';

/** True where a request was answered; says what is wrong with it where it was not. */
export function isDone<T>(reply: Replied<T>): reply is { kind: 'ok'; body: T } {
  if (reply.kind === 'ok') return true;
  toast.error(saidOf(reply));
  return false;
}

/** How long what was deleted can be brought back by its message, ms; longer while the pointer rests on it. */
export const UNDO_MS = 10_000;

/** Deletes a record and says so, with a way to bring it back; `changed` is told of both. */
export async function remove(url: string, name: string, changed: () => unknown): Promise<void> {
  if (!isDone(await ask(url, 'DELETE'))) return;
  const bringBack = async (): Promise<void> => {
    if (isDone(await ask(`${url}/restore`, 'POST'))) await changed();
  };
  toast(t('Deleted: {name}', { name }), {
    duration: UNDO_MS,
    action: { label: t('Undo'), onClick: () => void bringBack() },
  });
  await changed();
}
