'use client';

import { t } from '@/core/tell/language/t';
import { Archive, ArchiveRestore, Pencil, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { SKILL_WORDS } from '@/core/tell/words/player';
import type { ListedPlayer, PlayerOrder } from '@/core/lesson/players/player';
import { sayAgo, sayDay } from '../kit/day';
import { IconButton } from '../kit/IconButton';
import type { RosterView } from './useRoster';

interface RosterTableProps extends RowActions {
  players: readonly ListedPlayer[];
  view: RosterView;
  onOrder: (order: PlayerOrder) => void;
}

interface RowActions {
  onEdit: (player: ListedPlayer) => void;
  onArchive: (player: ListedPlayer) => void;
  onRemove: (player: ListedPlayer) => void;
}

/** The columns with what the server can sort them by; on a phone the player's name and the actions are left. */
const columns = (): (readonly [title: string, order: PlayerOrder | null, wide?: 'wide'])[] => [
  [t('Player'), 'name'],
  [t('Level'), 'skill'],
  [t('Clubs'), null, 'wide'],
  [t('Last lesson'), null, 'wide'],
  [t('Readings'), 'readings', 'wide'],
  [t('Changed'), 'changed', 'wide'],
];
const WIDE = 'max-md:hidden';

/** The players of the roster, a line each. */
export function RosterTable({ players, view, onOrder, ...actions }: RosterTableProps) {
  return (
    <table className="w-full border-collapse text-left">
      <thead>
        <tr className="border-b-2 border-hairline">
          {columns().map(([title, order, wide]) => {
            const sorted = order !== null && order === view.order;
            return (
              <th
                key={title}
                scope="col"
                aria-sort={sorted ? (view.descending ? 'descending' : 'ascending') : undefined}
                className={`py-1 pr-4 font-semibold ${wide ? WIDE : ''}`}
              >
                {order ? (
                  <button
                    type="button"
                    onClick={() => onOrder(order)}
                    className="-ml-2 min-h-11 rounded px-2 hover:bg-paper-deep"
                  >
                    {title}
                    <span aria-hidden="true">{sorted && (view.descending ? ' ↓' : ' ↑')}</span>
                  </button>
                ) : (
                  title
                )}
              </th>
            );
          })}
          <th scope="col">
            <span className="sr-only">{t('Actions')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {players.map((player) => (
          <PlayerRow key={player.id} player={player} {...actions} />
        ))}
      </tbody>
    </table>
  );
}

function PlayerRow({ player, onEdit, onArchive, onRemove }: RowActions & { player: ListedPlayer }) {
  const { id, name, skill, handed, bag, trusted_club, lastLesson, readings, updatedAt, archived } =
    player;
  const Move = archived ? ArchiveRestore : Archive;
  return (
    <tr className="border-b border-hairline">
      <td className="pr-4">
        <Link
          prefetch={false}
          href={`/players/${id}`}
          className="flex min-h-11 items-center font-semibold underline decoration-underline underline-offset-4 hover:decoration-flag"
        >
          {name}
        </Link>
      </td>
      <td className="pr-4">
        {SKILL_WORDS[skill]}
        {handed === 'left' && t(', left-handed')}
      </td>
      <td className={`pr-4 ${WIDE}`}>
        {bag.map((club, i) => (
          <span key={club.name}>
            {i > 0 && ', '}
            {club.name === trusted_club ? (
              <strong title={t('Favourite from sand')}>{club.name}</strong>
            ) : (
              club.name
            )}
          </span>
        ))}
      </td>
      <td className={`pr-4 ${WIDE}`}>{lastLesson ? sayDay(lastLesson) : t('none yet')}</td>
      <td className={`pr-4 ${WIDE}`}>{readings}</td>
      <td className={`pr-4 ${WIDE}`}>
        <time dateTime={updatedAt} suppressHydrationWarning>
          {sayAgo(updatedAt)}
        </time>
      </td>
      <td>
        <span className="flex justify-end">
          <IconButton label={t('Edit {name}', { name })} onClick={() => onEdit(player)}>
            <Pencil size={17} aria-hidden="true" />
          </IconButton>
          <IconButton
            label={`${archived ? t('Bring back') : t('Archive')} ${name}`}
            onClick={() => onArchive(player)}
          >
            <Move size={17} aria-hidden="true" />
          </IconButton>
          <IconButton label={t('Delete {name}', { name })} onClick={() => onRemove(player)} harm>
            <Trash2 size={17} aria-hidden="true" />
          </IconButton>
        </span>
      </td>
    </tr>
  );
}
