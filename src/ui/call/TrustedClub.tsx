'use client';

import { t } from '@/core/tell/language/t';
import { Heart } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { recordOf, type RosterPlayer } from '@/core/lesson/players/player';
import { ask, saidOf } from '../server/client';

interface TrustedClubProps {
  player: RosterPlayer;
  /** The club that is called. */
  club: string;
  /** Told of the player as it is saved. */
  onPlayer: (player: RosterPlayer) => void;
}

/** Marks the club that is called as the one the player trusts from sand, or takes the mark off. */
export function TrustedClub({ player, club, onPlayer }: TrustedClubProps) {
  const [saving, setSaving] = useState(false);
  const trusted = player.trusted_club === club;
  const toggle = async (): Promise<void> => {
    const { trusted_club: _before, ...record } = recordOf(player);
    setSaving(true);
    const answered = await ask<RosterPlayer>(`/api/players/${player.id}`, 'PUT', {
      ...record,
      ...(trusted ? {} : { trusted_club: club }),
    });
    setSaving(false);
    if (answered.kind !== 'ok') return void toast.error(saidOf(answered));
    toast.success(
      trusted
        ? t('{player} has no favourite club from sand.', { player: player.name })
        : t(
            'The {club} is now {player}’s favourite from sand: it is called whenever it does as well.',
            { club, player: player.name },
          ),
    );
    onPlayer(answered.body);
  };
  return (
    <button
      type="button"
      aria-pressed={trusted}
      disabled={saving}
      onClick={() => void toggle()}
      className="button-quiet no-print gap-1.5 px-2 text-[0.95rem] lit-when-chosen"
    >
      <Heart size={16} aria-hidden="true" fill={trusted ? 'currentColor' : 'none'} />
      {trusted
        ? t('Favourite from sand: the {club}', { club })
        : t('Make the {club} the favourite', { club })}
    </button>
  );
}
