import { t } from '@/core/tell/language/t';
import Link from 'next/link';

/** The way to what was deleted, from wherever things are deleted. */
export function DeletedLink() {
  return (
    <Link
      href="/deleted"
      prefetch={false}
      className="inline-flex min-h-11 items-center underline underline-offset-4"
    >
      {t('Recently deleted')}
    </Link>
  );
}
