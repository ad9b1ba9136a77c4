'use client';

import { t } from '@/core/tell/language/t';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Hand } from '@/core/ground/player/player';
import type { Shot } from '@/core/ground/situation/shot';
import { sayLength } from '@/core/tell/language/say';
import type { StationGround } from '@/core/place/fire/stationGround';
import { AboveGround } from '../drawing/above/AboveGround';
import { TrueGround } from '../drawing/above/TrueGround';
import { FlagAbove, LineOfPlay } from '../drawing/above/FlagAbove';
import { aboveScale } from '../drawing/above/scale';
import { useUnits } from '../kit/units';

/** Where a ball stopped: along the line to the flag, and right of it, m. */
export interface Place {
  along: number;
  right: number;
}

interface FinishPadProps {
  shot: Shot;
  /** The ground as it was drawn, where it was. */
  ground?: StationGround | undefined;
  handed: Hand;
  value: Place | undefined;
  /** Balls logged before, drawn small. */
  before: readonly Place[];
  onValue: (place: Place) => void;
}

const SIZE = { width: 640, height: 300 } as const;
const STEP = 0.5;

/** The ground from above to tap where the ball stopped; arrow keys move it too. */
export function FinishPad({ shot, ground, handed, value, before, onValue }: FinishPadProps) {
  const units = useUnits();
  const mirrored = handed === 'left';
  const scale = aboveScale(SIZE, Math.max(shot.pin * 1.5, shot.pin + 6), 7, mirrored);
  // The drawing's y is to the player's side, which is left of the line for a right-hander.
  const side = mirrored ? 1 : -1;
  const x = (place: Place): number => scale.x(place.along);
  const y = (place: Place): number => scale.y(side * place.right);
  const tap = (event: PointerEvent<SVGSVGElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    const px = ((event.clientX - box.left) / box.width) * SIZE.width;
    const py = ((event.clientY - box.top) / box.height) * SIZE.height;
    onValue({
      along: Math.round(scale.x.invert(px) * 10) / 10,
      right: Math.round(side * scale.y.invert(py) * 10) / 10,
    });
  };
  const step = (event: KeyboardEvent): void => {
    const from = value ?? { along: shot.pin, right: 0 };
    const ahead = scale.forward * STEP;
    const moves: Record<string, Place> = {
      ArrowRight: { ...from, along: from.along + ahead },
      ArrowLeft: { ...from, along: from.along - ahead },
      ArrowUp: { ...from, right: from.right + side * STEP },
      ArrowDown: { ...from, right: from.right - side * STEP },
    };
    const next = moves[event.key];
    if (!next) return;
    event.preventDefault();
    onValue(next);
  };
  const said = value
    ? `${sayLength(value.along, 'ground', units)}, ${sayLength(Math.abs(value.right), 'ground', units)} ${value.right >= 0 ? t('right') : t('left')}`
    : t('tap where it finished');
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="slider"
        tabIndex={0}
        aria-label={t('Where the ball finished')}
        aria-valuenow={Math.round(value?.along ?? shot.pin)}
        aria-valuetext={value ? said : t('not noted yet')}
        onPointerDown={tap}
        onKeyDown={step}
        className="block w-full cursor-crosshair touch-manipulation rounded"
      >
        {ground ? (
          <>
            <rect width={SIZE.width} height={SIZE.height} fill="var(--turf)" />
            <TrueGround
              ground={ground}
              x={(along) => scale.x(along)}
              y={(_, right) => scale.y(side * right)}
            />
          </>
        ) : (
          <AboveGround shot={shot} scale={scale} size={SIZE} />
        )}
        <LineOfPlay scale={scale} pin={shot.pin} />
        {before.map((place, i) => (
          <circle
            key={i}
            cx={x(place)}
            cy={y(place)}
            r="4"
            fill="white"
            stroke="#14302a"
            opacity="0.8"
          />
        ))}
        <FlagAbove scale={scale} pin={shot.pin} />
        {value && (
          <circle
            cx={x(value)}
            cy={y(value)}
            r="8"
            fill="var(--flag)"
            stroke="#14302a"
            strokeWidth="2.5"
          />
        )}
      </svg>
      <span
        aria-hidden
        className={`pointer-events-none absolute top-1.5 font-semibold text-(--on-turf) ${mirrored ? 'right-3' : 'left-3'}`}
      >
        {said}
      </span>
    </div>
  );
}
