'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { Moon, Sun } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { Mark } from './Mark';
import { SignedIn } from './SignedIn';
import { useAssists } from './who';
import { LanguageButton } from './LanguageButton';
import { usePreferences } from './preferences';
import { UNIT_NAMES } from '../kit/units';

/** The rooms of the product, a word each. */
const ROOMS = [
  { name: 'Desk', href: '/' },
  { name: 'Players', href: '/players' },
  { name: 'Lessons', href: '/lessons' },
  { name: 'Practice', href: '/practice' },
  { name: 'Ground', href: '/ground' },
] as const;

export type Room = (typeof ROOMS)[number]['name'];

const ROOM_NAMES: Record<Room, string> = told({
  Desk: 'Desk',
  Players: 'Players',
  Lessons: 'Lessons',
  Practice: 'Practice',
  Ground: 'Ground',
});

interface TopBarProps {
  /** The room that this is, or is part of. */
  room: Room;
  children?: ReactNode;
}

/** Name of the product, its rooms, what can be done in this one, units and theme. */
export function TopBar({ room, children }: TopBarProps) {
  const { units, onUnits, theme, onTheme } = usePreferences();
  const assists = useAssists();
  const rooms = assists ? ROOMS.filter(({ name }) => name === 'Lessons') : ROOMS;
  const other = units === 'yards' ? 'metres' : 'yards';
  return (
    <header className="no-print flex flex-wrap items-center gap-x-3 border-b border-hairline px-6 py-1 max-sm:px-3">
      {/* On a phone the room is for the rooms. */}
      <span className="max-sm:hidden">
        <Mark />
      </span>
      <p className="font-heading text-xl font-semibold max-lg:sr-only">{t('Mellow Divot')}</p>
      <nav aria-label={t('Rooms')} className="ml-2 flex flex-wrap max-sm:ml-0">
        {rooms.map(({ name, href }) => (
          <Link
            key={name}
            prefetch={false}
            href={href}
            aria-current={name === room ? 'page' : undefined}
            className="button-quiet max-sm:px-2 lined-when-chosen"
          >
            {ROOM_NAMES[name]}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex flex-wrap items-center justify-end gap-1 max-sm:gap-0 max-sm:[&>.button-quiet]:px-1.5">
        {children}
        <SignedIn />
        <LanguageButton />
        <button
          type="button"
          onClick={() => onUnits(other)}
          aria-label={t('Units: {units}. Change to {other}', {
            units: UNIT_NAMES[units],
            other: UNIT_NAMES[other],
          })}
          className="button-quiet whitespace-nowrap"
        >
          {units === 'yards' ? t('yd · ft') : t('m · cm')}
        </button>
        <button
          type="button"
          onClick={() => onTheme(theme === 'light' ? 'dusk' : 'light')}
          aria-label={theme === 'light' ? t('Dusk theme') : t('Light theme')}
          className="grid size-11 place-items-center rounded hover:bg-paper-deep"
        >
          {theme === 'light' ? (
            <Moon size={18} aria-hidden="true" />
          ) : (
            <Sun size={18} aria-hidden="true" />
          )}
        </button>
      </div>
    </header>
  );
}
