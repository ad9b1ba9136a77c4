'use client';

import type { Shot } from '@/core/shot/shot';
import { fromMetres } from '@/core/units/length';
import { sayLength, unitFor, type Scale } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';
import { Handle } from './Handle';
import type { SectionScale } from './sectionScale';

interface HandlesProps {
  shot: Shot;
  /** Where the first call lands, m, when it is at the flag. */
  landing: number | null;
  scale: SectionScale;
  units: UnitSystem;
  onFields: (changes: Readonly<Record<string, unknown>>) => void;
  onStart: () => void;
  onEnd: () => void;
}

/** What a drag is rounded to, in the unit it is said in. */
const STEP: Record<Scale, Record<UnitSystem, number>> = {
  ground: { yards: 0.5, metres: 0.5 },
  height: { yards: 0.25, metres: 0.1 },
};

/** A length rounded to the step of its scale, as the field that says it. */
function field(path: string, metres: number, scale: Scale, units: UnitSystem): [string, number] {
  const unit = unitFor(scale, units);
  const step = STEP[scale][units];
  const value = Math.max(0, Math.round(fromMetres(metres, unit) / step) * step);
  return [`${path}_${unit}`, Math.round(value * 100) / 100];
}

/** The handles of the section: lip, front and back of the green, flag, landing. */
export function Handles(props: HandlesProps) {
  const { shot, landing, scale, units, onFields, onStart, onEnd } = props;
  const { x, z } = scale;
  const ground = z(shot.lip.height);
  const far = (metres: number): string => sayLength(metres, 'ground', units);
  const set = (...fields: [string, number][]): void => onFields(Object.fromEntries(fields));
  const common = { onStart, onEnd };

  /** A handle on the ground that moves along the line only. */
  const along = (label: string, path: string, value: number, y: number) => (
    <Handle
      key={path}
      {...common}
      label={label}
      value={value}
      valueText={far(value)}
      x={x(value)}
      y={y}
      onMove={(px) => set(field(path, x.invert(px), 'ground', units))}
      onStep={(by, up) => set(field(path, value + (by + up) * 0.9144, 'ground', units))}
    />
  );

  return (
    <g>
      {along('Front edge of the green', 'edge', shot.edge, ground + 12)}
      {along('Back edge of the green', 'back', shot.back, ground + 12)}
      {landing !== null && along('Landing spot', 'carry', shot.carry ?? landing, ground)}
      {along('Flag', 'pin', shot.pin, ground - Math.max(46, scale.perMetre * 2.1) - 8)}
      <Handle
        {...common}
        label="Edge of the lip"
        value={shot.lip.height}
        valueText={`${sayLength(shot.lip.height, 'height', units)} high, ${sayLength(shot.lip.distance, 'height', units)} ahead`}
        x={x(shot.lip.distance)}
        y={ground}
        onMove={(px, py) =>
          set(
            field('lip.distance', x.invert(px), 'height', units),
            field('lip.height', z.invert(py), 'height', units),
          )
        }
        onStep={(by, up) =>
          set(
            field('lip.distance', shot.lip.distance + by * 0.1524, 'height', units),
            field('lip.height', shot.lip.height + up * 0.1524, 'height', units),
          )
        }
      />
    </g>
  );
}
