'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { ask, saidOf } from '../server/client';
import type { ListedPlayer, PlayerOrder, RosterPageData } from '@/core/lesson/players/player';

/** What the roster shows. */
export interface RosterView {
  search: string;
  archived: boolean;
  order: PlayerOrder;
  descending: boolean;
}

const PAGE = 50;
const PAUSE_MS = 180;

const queryOf = (view: RosterView, offset: number): string =>
  new URLSearchParams({
    search: view.search,
    archived: String(view.archived),
    order: view.order,
    descending: String(view.descending),
    offset: String(offset),
    limit: String(PAGE),
  }).toString();

/** The roster as it is searched, sorted and turned over, and everything that is done to its players. */
export function useRoster(first: RosterPageData) {
  const [view, setView] = useState<RosterView>({
    search: '',
    archived: false,
    order: 'name',
    descending: false,
  });
  const [page, setPage] = useState(first);
  const asked = useRef(0);

  const load = useCallback(async (wanted: RosterView, offset: number): Promise<void> => {
    const mine = ++asked.current;
    const answered = await ask<RosterPageData>(`/api/players?${queryOf(wanted, offset)}`);
    if (mine !== asked.current) return;
    if (answered.kind !== 'ok') {
      toast.error(saidOf(answered));
      return;
    }
    const { players, total } = answered.body;
    setPage((now) => ({ total, players: offset === 0 ? players : [...now.players, ...players] }));
  }, []);

  const untouched = useRef(true);
  useEffect(() => {
    if (untouched.current) {
      untouched.current = false;
      return;
    }
    const timer = setTimeout(() => void load(view, 0), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [view, load]);

  const again = useCallback(() => load(view, 0), [load, view]);

  /** Saves a record, of a new player without an id; gives back what is wrong, or null. */
  const save = async (record: PlayerRecord, id?: string): Promise<string | null> => {
    const answered = id
      ? await ask(`/api/players/${id}`, 'PUT', record)
      : await ask('/api/players', 'POST', record);
    if (answered.kind !== 'ok') return saidOf(answered);
    toast.success(`Saved: ${record.name}`);
    await again();
    return null;
  };

  const archive = async ({ id, name, archived }: ListedPlayer): Promise<void> => {
    const answered = await ask(`/api/players/${id}/archive`, 'POST', { archived: !archived });
    if (answered.kind !== 'ok') {
      toast.error(saidOf(answered));
      return;
    }
    toast(archived ? `Back in the roster: ${name}` : `Archived: ${name}`);
    await again();
  };

  const remove = async ({ id, name }: ListedPlayer): Promise<void> => {
    const bringBack = async (): Promise<void> => {
      const answered = await ask(`/api/players/${id}/restore`, 'POST');
      if (answered.kind !== 'ok')
        toast.error(`${name} could not be brought back. ${saidOf(answered)}`);
      await again();
    };
    const answered = await ask(`/api/players/${id}`, 'DELETE');
    if (answered.kind !== 'ok') {
      toast.error(saidOf(answered));
      return;
    }
    toast(`Deleted: ${name}`, {
      duration: 10000,
      action: { label: 'Undo', onClick: () => void bringBack() },
    });
    await again();
  };

  return {
    view,
    show: (change: Partial<RosterView>) => setView((now) => ({ ...now, ...change })),
    ...page,
    more: () => load(view, page.players.length),
    save,
    archive,
    remove,
  };
}
