'use client';

import { t } from '@/core/tell/language/t';
import { CircleUserRound } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { DropdownMenu } from 'radix-ui';
import { ROLE_WORDS } from '@/core/tell/lessons/roleWords';
import { forgetKeptPage } from '../kit/keptPage';
import { MENU, MENU_ITEM } from '../kit/menu';
import { useWho } from './who';

/** Signs out; the page of the bunker that is kept in this browser goes with it, the balls that wait stay. */
async function signOut(): Promise<void> {
  await forgetKeptPage();
  (document.getElementById('sign-out') as HTMLFormElement).submit();
}

/** The page of the entrance where the passphrase is changed; back from there to here. */
function ToOwnPassphrase(props: object) {
  const here = usePathname();
  return (
    <a {...props} href={`/own-passphrase?next=${encodeURIComponent(here)}`} className={MENU_ITEM}>
      {t('Change your passphrase')}
    </a>
  );
}

/** Who is signed in, and the way out; nothing where nobody signs in. */
export function SignedIn() {
  const who = useWho();
  if (!who) return null;
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={t('Signed in as {who}', { who: who.name })}
        className="button-quiet flex items-center gap-1.5"
      >
        <CircleUserRound size={18} aria-hidden="true" />
        <span className="max-w-32 truncate max-md:sr-only">{who.name}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={4} collisionPadding={8} className={MENU}>
          <DropdownMenu.Label className="px-4 py-2 text-sm text-ink-soft">
            {who.name}, {ROLE_WORDS[who.role].name}
          </DropdownMenu.Label>
          {who.role === 'head-coach' && (
            <DropdownMenu.Item asChild>
              <Link prefetch={false} href="/coaches" className={MENU_ITEM}>
                {t('Coaches and sign-in')}
              </Link>
            </DropdownMenu.Item>
          )}
          {!who.paired && (
            <DropdownMenu.Item asChild>
              <ToOwnPassphrase />
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void signOut()}>
            {t('Sign out')}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
      <form id="sign-out" method="post" action="/leave" hidden />
    </DropdownMenu.Root>
  );
}
