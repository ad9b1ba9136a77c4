'use client';

import { t } from '@/core/ground/language/t';
import { LIES, burialOf, nearestLie, type Lie } from '@/core/ground/sand/lie';
import type { Sand } from '@/core/ground/sand/presets';
import { LieDrawing } from '../drawing/LieDrawing';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { NumberPanel } from '../kit/NumberPanel';
import { useUnits } from '../kit/units';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { depthUnit } from '@/core/ground/units/say';
import { LIE_WORDS } from '@/core/tell/words/situation';

interface LiePanelProps {
  burial: number;
  sand: Sand;
  /** Takes a named lie, or a burial in millimetres. */
  onLie: (lie: Lie) => void;
  onBurial: (mm: number) => string | null;
}

/** Five drawn lies, and the depth between them. */
export function LiePanel({ burial, sand, onLie, onBurial }: LiePanelProps) {
  const deep = depthUnit(useUnits());
  return (
    <>
      <ChoiceGroup
        label={t('Lie')}
        columns={2}
        value={nearestLie(burial)}
        onValue={onLie}
        choices={LIES.map((lie) => ({
          value: lie,
          ...LIE_WORDS[lie],
          picture: <LieDrawing burial={burialOf(lie, sand)} />,
        }))}
      />
      <NumberPanel
        key={burial}
        label={t('Depth of the ball in the sand')}
        unit={deep}
        value={fromMetres(burial, deep)}
        from={0}
        to={deep === 'mm' ? 45 : 1.75}
        step={deep === 'mm' ? 1 : 0.05}
        onValue={(value) => onBurial(fromMetres(toMetres(value, deep), 'mm'))}
        help={t('A ball is {across} across: half of that is half buried.', {
          across: deep === 'mm' ? '43 mm' : '1.68 in',
        })}
      />
    </>
  );
}
