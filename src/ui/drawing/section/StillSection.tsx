import type { Ref } from 'react';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { Hand } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import type { UnitSystem } from '@/core/ground/units/system';
import { atTheFlag } from '../ranked';
import { extentOf, SectionDrawing } from './SectionDrawing';
import { sectionScale, WHOLE_VIEW } from './scale';
import { sectionText } from './sectionText';

interface StillSectionProps {
  drawing?: Ref<SVGSVGElement>;
  shot: Shot;
  pictures: readonly (CallPicture | null)[];
  clubs: readonly string[];
  handed: Hand;
  units: UnitSystem;
  size: { width: number; height: number };
}

/** The section without handles, for a card. */
export function StillSection(props: StillSectionProps) {
  const { drawing, shot, pictures, clubs, handed, units, size } = props;
  const ranked = atTheFlag(pictures);
  const drawn = ranked.map(({ picture }) => picture);
  const extent = extentOf(shot, drawn);
  const scale = sectionScale(size, extent, WHOLE_VIEW, handed === 'left');
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${size.width} ${size.height}`}
      role="img"
      aria-label={sectionText(shot, ranked, clubs, units)}
      className="block w-full"
    >
      <rect width={size.width} height={size.height} fill="var(--sky)" />
      <SectionDrawing
        shot={shot}
        ranked={ranked}
        units={units}
        size={size}
        scale={scale}
        plain={sectionScale(size, extent)}
      />
    </svg>
  );
}
