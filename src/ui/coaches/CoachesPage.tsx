'use client';

import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { type ListedAccount } from '@/core/lesson/coaches/account';
import { ROLE_WORDS } from '@/core/tell/lessons/roleWords';
import type { ListedSession, LogEntry } from '@/core/lesson/coaches/listed';
import { TopBar } from '../frame/TopBar';
import { Confirm } from '../kit/Confirm';
import { Sideways } from '../kit/Sideways';
import { ask } from '../server/client';
import { isDone } from '../server/said';
import { AccountForm } from './AccountForm';
import { PassphraseForm } from './PassphraseForm';
import { deviceName } from './deviceName';
import { logWords } from './logWords';
import { sayAgo } from '../kit/day';

interface CoachesPageProps {
  accounts: readonly ListedAccount[];
  sessions: readonly ListedSession[];
  log: readonly LogEntry[];
}

/** Who may sign in and how far they see, where they are signed in, and what came in and went out. */
export function CoachesPage({ accounts, sessions, log }: CoachesPageProps) {
  const router = useRouter();
  const [editing, setEditing] = useState<ListedAccount | 'new' | null>(null);
  const [passphrase, setPassphrase] = useState<ListedAccount | null>(null);
  const [ending, setEnding] = useState<ListedAccount | null>(null);
  const nameOf = (id: string): string => accounts.find((each) => each.id === id)?.name ?? '';
  const done = (said: string): void => {
    toast.success(said);
    router.refresh();
  };
  const remove = async (url: string, said: string): Promise<void> => {
    if (isDone(await ask(url, 'DELETE'))) done(said);
  };
  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow space-y-9 px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Coaches and sign-in')}</h1>
          <button type="button" onClick={() => setEditing('new')} className="button-main">
            {t('Add somebody')}
          </button>
        </header>
        <section aria-labelledby="accounts">
          <h2 id="accounts" className="text-2xl">
            {t('Who may sign in')}
          </h2>
          {accounts.length === 0 ? (
            <p className="mt-2 max-w-[46rem] text-lg leading-relaxed">
              {t(
                'Nobody yet. Nobody needs to sign in on this machine. Before you open the server to a network, add a head coach here: it will not start without one.',
              )}
            </p>
          ) : (
            <Sideways label={t('Who may sign in')} className="mt-2">
              <table className="w-full border-collapse">
                <thead>
                  <tr className="border-b-2 border-hairline text-left">
                    {[t('Name'), t('Signs in as'), t('Role'), t('Last here')].map((head) => (
                      <th key={head} scope="col" className="py-1 pr-4">
                        {head}
                      </th>
                    ))}
                    <th scope="col">
                      <span className="sr-only">{t('Actions')}</span>
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {accounts.map((account) => (
                    <tr key={account.id} className="border-b border-hairline">
                      <th scope="row" className="py-2 pr-4 text-left">
                        {account.name}
                      </th>
                      <td className="pr-4">{account.sign_in}</td>
                      <td className="pr-4">
                        {ROLE_WORDS[account.role].name}
                        <span className="block text-sm text-ink-soft">
                          {ROLE_WORDS[account.role].may}
                        </span>
                      </td>
                      <td className="pr-4" suppressHydrationWarning>
                        {account.usedAt ? sayAgo(account.usedAt) : t('never')}
                      </td>
                      <td className="whitespace-nowrap">
                        <button
                          type="button"
                          className="button-quiet"
                          onClick={() => setEditing(account)}
                        >
                          {t('Edit')}
                          <span className="sr-only"> {account.name}</span>
                        </button>
                        <button
                          type="button"
                          className="button-quiet"
                          onClick={() => setPassphrase(account)}
                        >
                          {t('New passphrase')}
                          <span className="sr-only">
                            {' '}
                            {t('for {account}', { account: account.name })}
                          </span>
                        </button>
                        <button
                          type="button"
                          className="button-quiet hover:text-harm"
                          onClick={() => setEnding(account)}
                        >
                          {t('Remove')}
                          <span className="sr-only"> {account.name}</span>
                        </button>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </Sideways>
          )}
          <p className="mt-2 text-sm text-ink-soft">
            {t('Who coaches a player is set on the player’s page.')}
          </p>
        </section>
        <section aria-labelledby="sessions">
          <h2 id="sessions" className="text-2xl">
            {t('Signed in now')}
          </h2>
          {sessions.length === 0 && <p className="mt-1">{t('Nobody.')}</p>}
          <ul className="mt-1">
            {sessions.map(({ id, account, paired, device, beganAt, usedAt }) => (
              <li
                key={id}
                className="flex flex-wrap items-center gap-x-4 border-b border-hairline py-1"
              >
                <strong>{nameOf(account)}</strong>
                <span className="grow" suppressHydrationWarning>
                  {deviceName(device)}
                  {paired && t(', for one lesson')}
                  {t(', since {ago}, last used {ago2}', {
                    ago: sayAgo(beganAt),
                    ago2: sayAgo(usedAt),
                  })}
                </span>
                <button
                  type="button"
                  className="button-quiet"
                  onClick={() => void remove(`/api/sessions/${id}`, t('Signed out.'))}
                >
                  {t('Sign this device out')}
                </button>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="log">
          <h2 id="log" className="text-2xl">
            {t('What happened')}
          </h2>
          <p className="text-sm text-ink-soft">
            {t(
              'Sign-ins, exports, erasures and changes of accounts; never which player, or what was in a file.',
            )}
          </p>
          {log.length === 0 && <p className="mt-1">{t('Nothing yet.')}</p>}
          <ol className="mt-1 max-h-96 overflow-auto" tabIndex={log.length > 8 ? 0 : undefined}>
            {log.map(({ at, name, what, device }, i) => (
              <li key={i} className="border-b border-hairline py-1">
                <time dateTime={at} suppressHydrationWarning className="text-ink-soft">
                  {sayAgo(at)}
                </time>
                : {name ?? t('this machine')} {logWords(what)}
                {device && `, ${deviceName(device)}`}
              </li>
            ))}
          </ol>
        </section>
      </main>
      {editing && (
        <AccountForm
          account={editing === 'new' ? null : editing}
          first={accounts.length === 0}
          onSaved={() => done(editing === 'new' ? t('Added.') : t('Saved.'))}
          onClose={() => setEditing(null)}
        />
      )}
      {passphrase && (
        <PassphraseForm
          account={passphrase}
          onSaved={() => done(t('Passphrase changed. Other devices have been signed out.'))}
          onClose={() => setPassphrase(null)}
        />
      )}
      {ending && (
        <Confirm
          title={t('Remove {ending}?', { ending: ending.name })}
          action={t('Remove {ending}', { ending: ending.name })}
          onClose={() => setEnding(null)}
          onConfirm={() =>
            void remove(
              `/api/accounts/${ending.id}`,
              t('Removed {ending}.', { ending: ending.name }),
            )
          }
        >
          {t(
            'All their devices are signed out, and they cannot sign in again. Every coach will see the players that only they coached. Lessons, balls and readings stay.',
          )}
        </Confirm>
      )}
    </>
  );
}
