'use client';

import { t } from '@/core/tell/language/t';
import { LIES, burialOf, nearestLie, type Lie } from '@/core/ground/sand/lie';
import type { Sand } from '@/core/ground/sand/presets';
import { LieDrawing } from '../drawing/LieDrawing';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { useUnits } from '../kit/units';
import { DepthPanel } from './DepthPanel';
import { LIE_WORDS } from '@/core/tell/words/situation';

/** Depths of a ball that are looked over. */
const DEEP = { mm: [0, 45, 1], in: [0, 1.75, 0.05] } as const;

interface LiePanelProps {
  burial: number;
  sand: Sand;
  /** Takes a named lie, or a burial in millimetres. */
  onLie: (lie: Lie) => void;
  onBurial: (mm: number) => string | null;
}

/** Five drawn lies, and the depth between them. */
export function LiePanel({ burial, sand, onLie, onBurial }: LiePanelProps) {
  const units = useUnits();
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
      <DepthPanel
        key={burial}
        label={t('Depth of the ball in the sand')}
        mm={burial * 1000}
        ranges={DEEP}
        onMm={onBurial}
        help={t('A ball is {across} across: half of that is half buried.', {
          across: units === 'metres' ? '43 mm' : '1.68 in',
        })}
      />
    </>
  );
}
