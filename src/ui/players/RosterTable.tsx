'use client';

import { createColumnHelper, tableFeatures, useTable } from '@tanstack/react-table';
import { formatDistanceToNow } from 'date-fns';
import { Archive, ArchiveRestore, Pencil, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useMemo, type ReactNode } from 'react';
import { SKILL_WORDS } from '@/core/tell/words/player';
import type { ListedPlayer, RosterOrder } from './types';
import type { RosterView } from './useRoster';

interface RosterTableProps {
  players: readonly ListedPlayer[];
  view: RosterView;
  onOrder: (order: RosterOrder) => void;
  onEdit: (player: ListedPlayer) => void;
  onArchive: (player: ListedPlayer) => void;
  onRemove: (player: ListedPlayer) => void;
}

const features = tableFeatures({});
const column = createColumnHelper<typeof features, ListedPlayer>();

/** Columns that the server can sort by. */
const SORTED: Partial<Record<string, RosterOrder>> = {
  name: 'name',
  skill: 'skill',
  readings: 'readings',
  updatedAt: 'changed',
};

const ICON = 'grid size-11 place-items-center rounded hover:bg-paper-deep';

/** The players of the roster, a line each. */
export function RosterTable(props: RosterTableProps) {
  'use no memo';
  const { players, view, onOrder, onEdit, onArchive, onRemove } = props;
  const columns = useMemo(
    () =>
      column.columns([
        column.accessor('name', {
          header: 'Player',
          cell: ({ row: { original } }) => (
            <Link
              prefetch={false}
              href={`/players/${original.id}`}
              className="flex min-h-11 items-center font-semibold underline decoration-underline underline-offset-4 hover:decoration-flag"
            >
              {original.name}
            </Link>
          ),
        }),
        column.accessor('skill', {
          header: 'Skill',
          cell: ({ row: { original } }) =>
            `${SKILL_WORDS[original.skill]}${original.handed === 'left' ? ', left-handed' : ''}`,
        }),
        column.accessor('bag', {
          header: 'Clubs',
          cell: ({ row: { original } }) => original.bag.map(({ name }) => name).join(', '),
        }),
        column.accessor('readings', { header: 'Readings' }),
        column.accessor('updatedAt', {
          header: 'Changed',
          cell: ({ row: { original } }) => (
            <time dateTime={original.updatedAt} suppressHydrationWarning>
              {formatDistanceToNow(new Date(original.updatedAt), { addSuffix: true })}
            </time>
          ),
        }),
        column.display({
          id: 'actions',
          header: () => <span className="sr-only">Actions</span>,
          cell: ({ row: { original } }): ReactNode => (
            <span className="flex justify-end">
              <button
                type="button"
                aria-label={`Edit ${original.name}`}
                onClick={() => onEdit(original)}
                className={ICON}
              >
                <Pencil size={17} aria-hidden="true" />
              </button>
              <button
                type="button"
                aria-label={`${original.archived ? 'Bring back' : 'Archive'} ${original.name}`}
                onClick={() => onArchive(original)}
                className={ICON}
              >
                {original.archived ? (
                  <ArchiveRestore size={17} aria-hidden="true" />
                ) : (
                  <Archive size={17} aria-hidden="true" />
                )}
              </button>
              <button
                type="button"
                aria-label={`Delete ${original.name}`}
                onClick={() => onRemove(original)}
                className={`${ICON} hover:text-harm`}
              >
                <Trash2 size={17} aria-hidden="true" />
              </button>
            </span>
          ),
        }),
      ]),
    [onEdit, onArchive, onRemove],
  );
  const data = useMemo(() => [...players], [players]);
  const table = useTable({ features, columns, data, getRowId: ({ id }) => id });
  return (
    <table className="w-full border-collapse text-left">
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b-2 border-hairline">
            {group.headers.map((header) => {
              const order = SORTED[header.column.id];
              const sorted = order === view.order;
              return (
                <th
                  key={header.id}
                  scope="col"
                  aria-sort={sorted ? (view.descending ? 'descending' : 'ascending') : undefined}
                  className="py-1 pr-4 font-semibold max-md:nth-[3]:hidden max-md:nth-[4]:hidden max-md:nth-[5]:hidden"
                >
                  {order ? (
                    <button
                      type="button"
                      onClick={() => onOrder(order)}
                      className="-ml-2 min-h-11 rounded px-2 hover:bg-paper-deep"
                    >
                      <table.FlexRender header={header} />
                      <span aria-hidden="true">
                        {sorted ? (view.descending ? ' ↓' : ' ↑') : ''}
                      </span>
                    </button>
                  ) : (
                    <table.FlexRender header={header} />
                  )}
                </th>
              );
            })}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="border-b border-hairline">
            {row.getAllCells().map((cell) => (
              <td
                key={cell.id}
                className="pr-4 max-md:nth-[3]:hidden max-md:nth-[4]:hidden max-md:nth-[5]:hidden"
              >
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
