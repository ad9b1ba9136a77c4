'use client';

import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import { counted } from '@/core/tell/words/counted';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { newRecord, type House } from '@/core/lesson/players/house';
import { DeletedLink } from '../frame/DeletedLink';
import { TopBar } from '../frame/TopBar';
import { useHeads } from '../frame/who';
import { useCommands, type Command } from '../kit/commands';
import { Confirm } from '../kit/Confirm';
import { DemoNote } from './DemoNote';
import { HouseForm } from './HouseForm';
import { PlayerForm } from './PlayerForm';
import { RosterTable } from './RosterTable';
import type { ListedPlayer, RosterPageData } from '@/core/lesson/players/player';
import { useRoster } from './useRoster';
import { Alert } from '../kit/Alert';
import { TickBox } from '../kit/TickBox';

interface RosterProps {
  first: RosterPageData;
  house: House;
  /** True while the made-up academy is there. */
  isDemo?: boolean;
  /** What is opened at once: the form of a new player, or the academy's. */
  opens?: 'player' | 'academy' | null;
}

/** The players of the academy. */
export function Roster(props: RosterProps) {
  const roster = useRoster(props.first);
  const { view, show, players, total } = roster;
  const [house, setHouse] = useState(props.house);
  const [editing, setEditing] = useState<ListedPlayer | 'new' | null>(
    props.opens === 'player' ? 'new' : null,
  );
  const [removing, setRemoving] = useState<ListedPlayer | null>(null);
  const router = useRouter();
  /** The academy's settings are a head coach's. */
  const heads = useHeads();
  const [settings, setSettings] = useState(heads && props.opens === 'academy');
  const closed = editing === null && removing === null && !settings;
  const commands: Command[] = [
    { name: t('Add a player'), group: t('Players'), key: 'n', act: () => setEditing('new') },
    {
      name: t('Find a player'),
      group: t('Players'),
      key: '/',
      act: () => document.getElementById('find-player')?.focus(),
    },
  ];
  useCommands(commands, closed);
  const exported = (as: 'csv' | 'json'): string =>
    `/api/players/export?as=${as}&archived=${view.archived}`;

  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{house.name}</h1>
          <button type="button" onClick={() => setEditing('new')} className="button-main">
            {t('Add a player')}
          </button>
          <Link href="/players/import" className="button">
            {t('Import')}
          </Link>
          <a href={exported('csv')} className="button">
            {t('CSV')}
          </a>
          <a href={exported('json')} className="button">
            {t('JSON')}
          </a>
          {heads && (
            <button type="button" onClick={() => setSettings(true)} className="button">
              {t('Academy')}
            </button>
          )}
        </header>
        {props.isDemo && <DemoNote />}
        <div className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2">
          <label htmlFor="find-player" className="sr-only">
            {t('Find a player')}
          </label>
          <input
            id="find-player"
            type="search"
            value={view.search}
            maxLength={120}
            autoComplete="off"
            placeholder={t('Find by name or note')}
            onChange={(event) => show({ search: event.target.value })}
            className="box w-72 max-w-full px-3"
          />
          <TickBox
            label={t('archived')}
            checked={view.archived}
            onChecked={(archived) => show({ archived })}
          />
          <DeletedLink />
          <p role="status" className="ml-auto text-ink-soft">
            {counted(total, 'player')}
          </p>
        </div>
        {roster.fault && <Alert className="mt-3">{roster.fault}</Alert>}
        {players.length === 0 ? (
          <p className="mt-8 text-lg leading-relaxed">
            {view.search
              ? t('No match for “{search}” in names or notes.', { search: view.search })
              : view.archived
                ? t('No archived players.')
                : t('No players yet. Add one (N), or import a list of names and clubs.')}
          </p>
        ) : (
          <>
            <Sideways label={t('Players')} className="mt-2">
              <RosterTable
                players={players}
                view={view}
                onOrder={(order) =>
                  show({ order, descending: order === view.order && !view.descending })
                }
                onEdit={setEditing}
                onArchive={(player) => void roster.archive(player)}
                onRemove={setRemoving}
              />
            </Sideways>
            {players.length < total && (
              <button type="button" onClick={() => void roster.more()} className="button mt-4">
                {t('Show {min} more of {total}', {
                  min: Math.min(50, total - players.length),
                  total: total - players.length,
                })}
              </button>
            )}
          </>
        )}
      </main>
      {editing !== null && (
        <PlayerForm
          title={editing === 'new' ? t('A new player') : editing.name}
          record={editing === 'new' ? newRecord(house) : editing}
          onClose={() => setEditing(null)}
          onSave={(record) => roster.save(record, editing === 'new' ? undefined : editing.id)}
        />
      )}
      {removing && (
        <Confirm
          title={t('Delete {removing}?', { removing: removing.name })}
          action={t('Delete {removing}', { removing: removing.name })}
          onClose={() => setRemoving(null)}
          onConfirm={() => void roster.remove(removing)}
        >
          {t(
            'The player leaves every list. Lessons, balls and readings stay with the player, who can be brought back from “Recently deleted”.',
          )}
        </Confirm>
      )}
      {settings && (
        <HouseForm
          house={house}
          onClose={() => setSettings(false)}
          onSaved={(saved) => {
            setHouse(saved);
            router.refresh();
          }}
        />
      )}
    </>
  );
}
