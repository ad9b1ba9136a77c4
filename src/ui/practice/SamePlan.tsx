'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { toast } from 'sonner';
import { v4 as uuid } from 'uuid';
import type { Homework } from '@/core/lesson/homework/plan';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { counted } from '@/core/tell/words/counted';
import { PlayerPicker } from '../reading/PlayerPicker';
import { ask } from '../server/client';
import { isDone } from '../server/said';

interface SamePlanProps {
  /** The plan as it stands in the form, checked. */
  plan: Homework;
  roster: readonly RosterPlayer[];
}

/** The same practice for other players, a plan of their own for each. */
export function SamePlan({ plan, roster }: SamePlanProps) {
  const others = roster.filter(({ id }) => id !== plan.player);
  const [known, setKnown] = useState<readonly RosterPlayer[]>(others);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [saving, setSaving] = useState(false);
  const save = async (): Promise<void> => {
    setSaving(true);
    const saved: string[] = [];
    for (const player of chosen) {
      // What one body may not do another may: balls are held to what each player is to be spared when sessions are made.
      const answered = await ask(`/api/practice/${uuid()}`, 'PUT', { ...plan, player });
      if (!isDone(answered)) break;
      saved.push(player);
    }
    setChosen(chosen.filter((id) => !saved.includes(id)));
    setSaving(false);
    if (saved.length > 0)
      toast.success(t('Saved for {players}.', { players: counted(saved.length, 'player') }));
  };
  return (
    <details className="no-print border-t border-hairline">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
        {t('The same practice for others')}
      </summary>
      <PlayerPicker
        roster={others}
        nameOf={(id) => known.find((each) => each.id === id)?.name ?? id}
        chosen={chosen}
        onChosen={(next) => setChosen(next.filter((id) => id !== plan.player))}
        onMet={(player) => setKnown((now) => [...now, player])}
      />
      <button
        type="button"
        disabled={chosen.length === 0 || saving}
        onClick={() => void save()}
        className="button mt-3"
      >
        {t('Save this plan for {players}', { players: counted(chosen.length, 'player') })}
      </button>
    </details>
  );
}
