'use client';

import { t } from '@/core/tell/language/t';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { toast } from 'sonner';
import type { CoachOf, ListedLink } from '@/core/lesson/coaches/listed';
import { choices } from '@/core/tell/language/told';
import { USUAL_LINK_DAYS } from '@/core/lesson/coaches/sharing';
import { counted } from '@/core/tell/words/counted';
import { Alert } from '../kit/Alert';
import { sayDay } from '../kit/day';
import { Pick } from '../kit/fields';
import { TickBox } from '../kit/TickBox';
import { ask, bodyOf } from '../server/client';

const DAYS = choices([
  ['7', 'a week'],
  ['30', 'a month'],
  [`${USUAL_LINK_DAYS}`, 'three months'],
  ['365', 'a year'],
] as const);

/** Who else sees a player: the coaches, and whoever holds a link to what is the player's own. */
export function Sharing({ playerId, name }: { playerId: string; name: string }) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="no-print mt-1"
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="min-h-11 cursor-pointer py-2.5">
        {t('Coaches and the player’s own link')}
      </summary>
      {open && (
        <div className="grid grid-cols-2 gap-8 max-md:grid-cols-1">
          <Coaches playerId={playerId} />
          <Links playerId={playerId} name={name} />
        </div>
      )}
    </details>
  );
}

function Coaches({ playerId }: { playerId: string }) {
  const cache = useQueryClient();
  const url = `/api/players/${playerId}/coaches`;
  const key = ['coaches', playerId];
  const { data: coaches, error } = useQuery({
    queryKey: key,
    queryFn: () => bodyOf(ask<readonly CoachOf[]>(url)),
  });
  const saving = useMutation({
    mutationFn: (ids: string[]) => bodyOf(ask<readonly CoachOf[]>(url, 'PUT', { coaches: ids })),
    onSuccess: (answer) => cache.setQueryData(key, answer),
    // One after the other: each says all that is ticked, so the last tick stands.
    scope: { id: url },
  });
  const saved = (coaches ?? []).filter((each) => each.coaches).map(({ id }) => id);
  const theirs = saving.isPending ? saving.variables : saved;
  return (
    <fieldset>
      <legend className="font-semibold">{t('Coaches')}</legend>
      <p role="status" className="text-sm text-ink-soft">
        {saving.isPending
          ? t('Saving …')
          : coaches?.length === 0
            ? t(
                'No coach has an account: everybody who may sign in as a head coach sees everything.',
              )
            : saved.length === 0
              ? t('Every coach sees this player. Tick coaches to keep it to them.')
              : t('Only these coaches and head coaches see this player.')}
      </p>
      {coaches?.map(({ id, name }) => (
        <TickBox
          key={id}
          label={name}
          checked={theirs.includes(id)}
          onChecked={(checked) => {
            const others = theirs.filter((each) => each !== id);
            saving.mutate(checked ? [...others, id] : others);
          }}
        />
      ))}
      <Alert className="mt-1">{(error ?? saving.error)?.message}</Alert>
    </fieldset>
  );
}

function Links({ playerId, name }: { playerId: string; name: string }) {
  const cache = useQueryClient();
  const url = `/api/players/${playerId}/links`;
  const key = ['links', playerId];
  const [days, setDays] = useState<(typeof DAYS)[number][0]>('90');
  const [made, setMade] = useState<string | null>(null);
  const { data: links, error } = useQuery({
    queryKey: key,
    queryFn: () => bodyOf(ask<readonly ListedLink[]>(url)),
  });
  const refetch = (): Promise<void> => cache.invalidateQueries({ queryKey: key });
  const making = useMutation({
    mutationFn: () => bodyOf(ask<{ path: string }>(url, 'POST', { days: Number(days) })),
    onSuccess: ({ path }) => {
      setMade(`${window.location.origin}${path}`);
      return refetch();
    },
  });
  const withdrawing = useMutation({
    mutationFn: (id: string) => bodyOf(ask(`${url}/${id}`, 'DELETE')),
    onSuccess: () => {
      setMade(null);
      toast.success(t('The link opens nothing any more.'));
      return refetch();
    },
  });
  return (
    <section aria-labelledby="links">
      <h3 id="links" className="font-semibold">
        {t('The player’s own link')}
      </h3>
      <p className="text-sm text-ink-soft">
        {t(
          'Anyone with the link sees the card, homework and progress of {name}, and cannot change anything. Your notes, contact details and other players are not shown.',
          { name },
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Pick label={t('Good for')} value={days} onValue={setDays} options={DAYS} />
        <button
          type="button"
          className="button"
          disabled={making.isPending}
          onClick={() => making.mutate()}
        >
          {t('Make a link')}
        </button>
      </div>
      {made && (
        <p className="mt-2">
          <label className="text-sm font-semibold">
            {t('Copy it now: it is shown only once.')}
            <input
              readOnly
              value={made}
              onFocus={({ target }) => target.select()}
              className="box w-full"
            />
          </label>
        </p>
      )}
      {links && links.length > 0 && (
        <p className="mt-2 text-sm">
          {t('{links} in use:', { links: counted(links.length, 'link is', 'links are') })}
        </p>
      )}
      <ul className="text-sm">
        {links?.map(({ id, madeAt, endsAt, usedAt }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-3 border-b border-hairline">
            <span className="grow">
              {t('made {madeAt}, good until {endsAt}, {usedAt}', {
                madeAt: sayDay(madeAt),
                endsAt: sayDay(endsAt),
                usedAt: usedAt
                  ? t('last opened {usedAt}', { usedAt: sayDay(usedAt) })
                  : t('not opened yet'),
              })}
            </span>
            <button
              type="button"
              className="button-quiet"
              disabled={withdrawing.isPending}
              onClick={() => withdrawing.mutate(id)}
            >
              {t('Withdraw it')}
            </button>
          </li>
        ))}
      </ul>
      <Alert className="mt-1">{(error ?? making.error ?? withdrawing.error)?.message}</Alert>
    </section>
  );
}
