import { t } from '@/core/tell/language/t';
import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { Alert } from '../kit/Alert';
import { ask, bodyOf } from '../server/client';

/** Said at the bunker of a lesson that is closed, with a way to open it again: a closed lesson takes no balls. */
export function Closed({ lesson }: { lesson: StoredLesson }) {
  const router = useRouter();
  const reopen = useMutation({
    mutationFn: () => {
      const { id, summary, homework, own_homework } = lesson;
      const open = { summary, homework, own_homework, closed: false };
      return bodyOf(ask(`/api/lessons/${id}/close`, 'POST', open));
    },
    onSuccess: () => router.refresh(),
  });
  return (
    <section className="rounded border-2 border-hairline p-3">
      <p>{t('This lesson is closed. Reopen it to log more balls.')}</p>
      <button
        type="button"
        disabled={reopen.isPending}
        onClick={() => reopen.mutate()}
        className="button mt-2"
      >
        {t('Reopen the lesson')}
      </button>
      {reopen.error && <Alert className="mt-2">{reopen.error.message}</Alert>}
    </section>
  );
}
