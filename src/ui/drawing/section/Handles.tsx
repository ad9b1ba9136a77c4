'use client';

import { t } from '@/core/tell/language/t';
import { useRef } from 'react';
import type { Shot } from '@/core/ground/situation/shot';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { sayLength } from '@/core/tell/language/say';
import { unitFor, type Scale } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { Handle } from '../Handle';
import { flagHeight } from './Marks';
import type { SectionScale } from './scale';

interface HandlesProps {
  shot: Shot;
  /** Where the first call lands, m, when it is at the flag. */
  landing: number | null;
  scale: SectionScale;
  units: UnitSystem;
  onFields: (changes: Readonly<Record<string, unknown>>) => void;
  onStart: () => void;
  onEnd: () => void;
  /** While the ball is dragged: how far it has been moved, m. */
  onBall: (moved: number) => void;
}

/** Lengths that can be dragged. */
type Dragged = Exclude<Scale, 'short'>;

/** What a drag is rounded to, in the unit it is said in. */
const STEP: Record<Dragged, Record<UnitSystem, number>> = {
  ground: { yards: 0.5, metres: 0.5 },
  height: { yards: 0.25, metres: 0.1 },
};

/** A length rounded to the step of its scale, as the field that says it. */
function field(path: string, metres: number, scale: Dragged, units: UnitSystem): [string, number] {
  const unit = unitFor(scale, units);
  const step = STEP[scale][units];
  const value = Math.max(0, Math.round(fromMetres(metres, unit) / step) * step);
  return [`${path}_${unit}`, Math.round(value * 100) / 100];
}

/** The fields of a shot whose ball lies `moved` metres nearer to the flag. */
function nearer(shot: Shot, moved: number, units: UnitSystem): [string, number][] {
  const ground = (path: string, metres: number): [string, number] =>
    field(path, metres - moved, 'ground', units);
  const fields = [ground('pin', shot.pin), ground('edge', shot.edge), ground('back', shot.back)];
  if (shot.carry !== undefined) fields.push(ground('carry', shot.carry));
  if (shot.clear !== undefined) fields.push(ground('clear', shot.clear));
  return [...fields, field('lip.distance', shot.lip.distance - moved, 'height', units)];
}

/** The handles of the section: ball, lip, front and back of the green, flag, landing. */
export function Handles(props: HandlesProps) {
  const { shot, landing, scale, units, onFields, onStart, onEnd, onBall } = props;
  const { x, z, forward } = scale;
  const grabbed = useRef<Shot | null>(null);
  const ground = z(shot.lip.height);
  const far = (metres: number): string => sayLength(metres, 'ground', units);
  const set = (fields: readonly [string, number][]): void => onFields(Object.fromEntries(fields));
  const common = { onStart, onEnd };
  const step = toMetres(1, unitFor('ground', units));

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
      onMove={(px) => set([field(path, x.invert(px), 'ground', units)])}
      onStep={(by, up) => set([field(path, value + (by * forward + up) * step, 'ground', units)])}
    />
  );

  return (
    <g>
      {along(t('Front edge of the green'), 'edge', shot.edge, ground + 12)}
      {along(t('Back edge of the green'), 'back', shot.back, ground + 12)}
      {landing !== null && along(t('Landing spot'), 'carry', shot.carry ?? landing, ground)}
      {along(t('Flag'), 'pin', shot.pin, ground - flagHeight(scale) - 8)}
      <Handle
        {...common}
        label={t('Edge of the lip')}
        value={shot.lip.height}
        valueText={t('{high} high, {far} ahead', {
          high: sayLength(shot.lip.height, 'height', units),
          far: sayLength(shot.lip.distance, 'height', units),
        })}
        x={x(shot.lip.distance)}
        y={ground}
        onMove={(px, py) =>
          set([
            field('lip.distance', x.invert(px), 'height', units),
            field('lip.height', z.invert(py), 'height', units),
          ])
        }
        onStep={(by, up) =>
          set([
            field('lip.distance', shot.lip.distance + by * forward * 0.1524, 'height', units),
            field('lip.height', shot.lip.height + up * 0.1524, 'height', units),
          ])
        }
      />
      <Handle
        label={t('Ball')}
        value={shot.pin}
        valueText={t('{far} from the flag', { far: far(shot.pin) })}
        x={x(0)}
        y={z(0)}
        onStart={() => {
          grabbed.current = shot;
          onStart();
        }}
        onEnd={() => {
          grabbed.current = null;
          onBall(0);
          onEnd();
        }}
        onMove={(px) => {
          // The ball is the origin: moved so far already, it has taken the scale with it.
          const from = grabbed.current ?? shot;
          const moved = from.pin - shot.pin + x.invert(px);
          const half = step / 2;
          const stepped = Math.round(moved / half) * half;
          if (from.lip.distance - stepped < 0.3 || from.edge - stepped < 0.6) return;
          set(nearer(from, stepped, units));
          onBall(stepped);
        }}
        onStep={(by) => set(nearer(shot, by * forward * step, units))}
      />
    </g>
  );
}
