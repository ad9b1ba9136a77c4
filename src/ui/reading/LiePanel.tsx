'use client';

import { t } from '@/core/ground/language/t';
import { LIES, burialOf, nearestLie, type Lie } from '@/core/ground/sand/lie';
import type { Sand } from '@/core/ground/sand/presets';
import { LieDrawing } from '../drawing/LieDrawing';
import { ChoiceGroup } from '../kit/ChoiceGroup';
import { NumberPanel } from '../kit/NumberPanel';
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
        unit={t('mm')}
        value={burial * 1000}
        from={0}
        to={45}
        step={1}
        onValue={onBurial}
        help={t('A ball is 43 mm across, so 21 is half buried.')}
      />
    </>
  );
}
