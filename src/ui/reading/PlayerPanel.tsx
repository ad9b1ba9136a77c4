'use client';

import { RadioGroup } from 'radix-ui';
import type { DeskPlayer } from '../desk/types';
import { SKILL_WORDS } from './words';

interface PlayerPanelProps {
  players: readonly DeskPlayer[];
  value: string;
  onValue: (id: string) => void;
}

/** The players with hand, skill and what they carry into the sand. */
export function PlayerPanel({ players, value, onValue }: PlayerPanelProps) {
  return (
    <>
      <h2 className="mb-2 text-base">Player</h2>
      <RadioGroup.Root
        aria-label="Player"
        value={value}
        onValueChange={onValue}
        className="flex flex-col gap-1"
      >
        {players.map((player) => (
          <RadioGroup.Item
            key={player.id}
            value={player.id}
            className="rounded border-2 border-transparent px-2 py-1.5 text-left hover:border-hairline data-[state=checked]:border-flag data-[state=checked]:bg-flag-wash data-[state=checked]:text-on-flag"
          >
            <span className="block font-semibold">
              {player.name}
              {player.handed === 'left' && ' · left-handed'}
            </span>
            <span className="block text-sm">
              {SKILL_WORDS[player.skill]} · {player.bag.map(({ name }) => name).join(', ')}
            </span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </>
  );
}
