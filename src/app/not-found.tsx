import { t } from '@/core/tell/language/t';
import Link from 'next/link';

/** What is shown for an address that leads nowhere. */
export default function NotFound() {
  return (
    <main className="mx-auto w-full max-w-xl px-6 py-16">
      <h1 className="text-3xl">{t('Page not found')}</h1>
      <p className="mt-3 leading-snug">
        {t(
          'This player, lesson or page does not exist. It may have been deleted, or the address is incomplete.',
        )}
      </p>
      <nav aria-label={t('Go to')} className="mt-5 flex flex-wrap gap-3">
        {[
          ['/', t('Desk')],
          ['/players', t('Players')],
          ['/lessons', t('Lessons')],
        ].map(([href, name]) => (
          <Link key={href} href={href!} prefetch={false} className="button">
            {name}
          </Link>
        ))}
      </nav>
    </main>
  );
}
