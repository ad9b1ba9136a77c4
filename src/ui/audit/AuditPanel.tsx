'use client';

import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import { useMemo, useState } from 'react';
import type { Player } from '@/core/ground/player/player';
import { SAND_PRESETS, type SandPreset } from '@/core/ground/sand/presets';
import { placeShots } from '@/core/place/field/placeShots';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import type { MixChoice } from '@/core/contract/reading/mixChoice';
import { SAND_WORDS } from '@/core/tell/words/situation';
import { Called } from './Called';
import { Gaps } from './Gaps';
import { OneWedge } from './OneWedge';
import { Soles } from './Soles';
import { Pick } from '../kit/fields';
import { groundChoices, groundOf, type Ground, type GroundKey } from '../kit/ground';

interface AuditPanelProps {
  player: Player;
  /** The player in the house, in the outside format: as the desk asks for calls. */
  situation: object;
  /** Readings of this player that a mix can be made of. */
  readings: readonly object[];
  /** Drawn ground whose bunkers are a mix too. */
  grounds?: readonly Ground[];
  /** The day whose sand is played from there, YYYY-MM-DD. */
  today?: string;
}

const NONE: readonly Ground[] = [];

type MixName = 'season' | 'readings' | SandPreset | GroundKey;

/** Bag check: gaps, soles against sands, what is called how often, and one wedge made otherwise. */
export function AuditPanel(props: AuditPanelProps) {
  const { player, situation, readings, grounds = NONE, today = '' } = props;
  const [mix, setMix] = useState<MixName>('season');
  const choice = useMemo((): MixChoice => {
    if (mix === 'season') return { kind: 'season' };
    if (mix === 'readings') return { kind: 'readings', situations: readings };
    const ground = groundOf(grounds, mix);
    if (ground) {
      const shots = placeShots(drawnPlace(ground.place), player.handed, today);
      const situations = shots.map((shot) => ({ ...situation, shot }));
      return { kind: 'readings', situations };
    }
    return { kind: 'season', sand: mix as SandPreset };
  }, [mix, readings, grounds, situation, player.handed, today]);
  const options: (readonly [MixName, string])[] = [
    ['season', t('a typical season')],
    ...SAND_PRESETS.filter((each) => each !== 'hardpan').map(
      (each) => [each, t('a season in {name}', { name: SAND_WORDS[each].within })] as const,
    ),
  ];
  if (readings.length > 0)
    options.push([
      'readings',
      t('this player’s own {readings}', { readings: counted(readings.length, 'reading') }),
    ]);
  options.push(...groundChoices(grounds));
  return (
    <section aria-labelledby="audit">
      <h2 id="audit" className="text-2xl">
        {t('Bag check')}
      </h2>
      <div className="mt-2 grid grid-cols-2 gap-x-10 gap-y-6 max-lg:grid-cols-1">
        <Gaps player={player} />
        <Soles player={player} />
      </div>
      <div className="mt-6 flex flex-wrap items-end gap-4">
        <Pick label={t('Mix of bunker shots')} value={mix} onValue={setMix} options={options} />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-x-10 gap-y-6 max-lg:grid-cols-1">
        <Called key={`called-${mix}`} situation={situation} bag={player.bag} choice={choice} />
        <OneWedge key={`wedge-${mix}`} player={player} situation={situation} choice={choice} />
      </div>
    </section>
  );
}
