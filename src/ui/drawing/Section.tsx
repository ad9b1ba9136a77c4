'use client';

import { area, curveBasis, line } from 'd3-shape';
import { useState } from 'react';
import type { CallPicture } from '@/core/answer/picture';
import { BALL_RADIUS } from '@/core/ball/ball';
import type { Shot } from '@/core/shot/shot';
import { fromMetres, toMetres } from '@/core/units/length';
import { plainNumber, sayLength, unitFor } from '@/core/units/say';
import { degrees } from '@/core/units/angle';
import type { UnitSystem } from '@/core/units/system';
import { Ground } from './Ground';
import { Handles } from './Handles';
import { inkOf } from './inks';
import { sectionScale, type SectionScale } from './sectionScale';
import { useSize } from './useSize';

interface SectionProps {
  shot: Shot;
  pictures: readonly (CallPicture | null)[];
  /** Names of the clubs drawn, for the text that stands in for the drawing. */
  clubs: readonly string[];
  units: UnitSystem;
  busy: boolean;
  /** Sets fields of the reading as its handles are moved; without it the drawing has no handles. */
  onFields?: (changes: Readonly<Record<string, unknown>>) => void;
}

const RIDGE_PX = 34;

/** Side view of the shot, true to scale: sand, lip, green, the flights of the calls and where balls finish. */
export function Section({ shot, pictures: drawn, clubs, units, busy, onFields }: SectionProps) {
  // Relief has no flight, and ways out elsewhere are not on this line; ranks keep their inks.
  const ranked = drawn.flatMap((picture, rank) =>
    picture && picture.toward === 0 ? [{ picture, rank }] : [],
  );
  const pictures = ranked.map(({ picture }) => picture);
  const [ref, size] = useSize<HTMLDivElement>({ width: 1280, height: 262 });
  const highest = Math.max(3, ...pictures.flatMap(({ flight }) => flight.map(([, z]) => z)));
  const farthest = Math.max(
    shot.pin + 4,
    Math.min(shot.back + 2, shot.pin * 1.6),
    ...pictures.map((p) => p.finish + 1),
  );
  // While a handle is held the scale stays as it was, or the ground would run away from the hand.
  const [held, setHeld] = useState<SectionScale | null>(null);
  const scale = held ?? sectionScale(size, farthest, highest, shot.lip.height);
  const { x, z } = scale;
  const path = line<[number, number]>()
    .x(([px]) => x(px))
    .y(([, pz]) => z(pz));
  const tallest = Math.max(0.05, ...pictures.flatMap(({ ridge }) => ridge.map(([, d]) => d)));
  const ridge = area<[number, number]>()
    .x(([px]) => x(px))
    .y0(z(shot.lip.height))
    .y1(([, d]) => z(shot.lip.height) - (d / tallest) * RIDGE_PX)
    .curve(curveBasis);

  return (
    <div ref={ref} className="relative h-[262px] w-full overflow-hidden bg-sky max-sm:h-[220px]">
      <svg
        width={size.width}
        height={size.height}
        role="group"
        aria-label={sectionText(shot, pictures, clubs, units)}
        className={`absolute inset-0 transition-opacity ${busy ? 'opacity-80' : ''}`}
      >
        <Ground
          scale={scale}
          width={size.width}
          height={size.height}
          lip={shot.lip}
          edge={shot.edge}
          back={shot.back}
          burial={shot.burial}
        />
        <clipPath id="past-the-lip">
          <rect x={x(shot.lip.distance)} y="0" width={size.width} height={size.height} />
        </clipPath>
        <g clipPath="url(#past-the-lip)">
          {[...ranked].reverse().map(({ picture, rank }) => (
            <path
              key={rank}
              d={ridge(picture.ridge) ?? ''}
              fill={inkOf(rank).colour}
              fillOpacity={rank === 0 ? 0.3 : 0}
              stroke={inkOf(rank).colour}
              strokeOpacity="0.7"
              strokeDasharray={inkOf(rank).dash}
              strokeLinecap="round"
            />
          ))}
        </g>
        <LipMarks
          scale={scale}
          shot={shot}
          picture={drawn[0]?.toward === 0 ? drawn[0] : undefined}
          units={units}
        />
        {[...ranked].reverse().map(({ picture, rank }) => (
          <path
            key={rank}
            d={path(picture.flight) ?? ''}
            fill="none"
            stroke={inkOf(rank).colour}
            strokeWidth={rank === 0 ? 3.5 : 2.5}
            strokeLinecap="round"
            strokeDasharray={inkOf(rank).dash}
          />
        ))}
        <Flag scale={scale} shot={shot} />
        {drawn[0]?.toward === 0 && (
          <g stroke="var(--call-1)" strokeWidth="3">
            <line
              x1={x(drawn[0].landing)}
              x2={x(drawn[0].finish)}
              y1={z(shot.lip.height)}
              y2={z(shot.lip.height)}
            />
            <circle
              cx={x(drawn[0].finish)}
              cy={z(shot.lip.height) - 5}
              r="5"
              fill="white"
              strokeWidth="1.8"
            />
          </g>
        )}
        <circle
          cx={x(0)}
          cy={z(0)}
          r={Math.max(6, BALL_RADIUS * scale.perMetre)}
          fill="white"
          stroke="#14302a"
          strokeWidth="1.8"
        />
        {onFields && (
          <Handles
            shot={shot}
            landing={drawn[0]?.toward === 0 && drawn[0].landing > 0 ? drawn[0].landing : null}
            scale={scale}
            units={units}
            onFields={onFields}
            onStart={() => setHeld(scale)}
            onEnd={() => setHeld(null)}
          />
        )}
        <Ticks scale={scale} height={size.height} width={size.width} units={units} />
      </svg>
    </div>
  );
}

function LipMarks({
  scale,
  shot,
  picture,
  units,
}: {
  scale: SectionScale;
  shot: Shot;
  picture: CallPicture | undefined;
  units: UnitSystem;
}) {
  const { x, z } = scale;
  const { lip } = shot;
  if (lip.height <= 0) return null;
  const angle = degrees(Math.atan2(lip.height + BALL_RADIUS, lip.distance));
  const reach = Math.min(lip.distance * 2.6, lip.distance + 6);
  const rise = ((lip.height + BALL_RADIUS) / lip.distance) * reach;
  const clearance = picture?.lipClearance ?? null;
  const over = lip.height + BALL_RADIUS + (clearance ?? 0);
  return (
    <g fontSize="13.5" fill="var(--ink)">
      <line
        x1={x(0)}
        y1={z(0)}
        x2={x(reach)}
        y2={z(rise)}
        stroke="var(--ink-soft)"
        strokeDasharray="2 5"
      />
      <text
        x={x(reach) + 6}
        y={z(rise) + 4}
        stroke="var(--sky)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        must start above {Math.ceil(angle)}°
      </text>
      {clearance !== null && clearance > 0.05 && (
        <>
          <line
            x1={x(lip.distance)}
            x2={x(lip.distance)}
            y1={z(lip.height)}
            y2={z(over)}
            stroke="var(--call-1)"
            strokeWidth="1.5"
          />
          <text
            x={x(lip.distance) + 6}
            y={(z(lip.height) + z(over)) / 2 - 8}
            fill="var(--call-1)"
            fontWeight="600"
          >
            +{sayLength(clearance, 'height', units)}
          </text>
        </>
      )}
    </g>
  );
}

function Flag({ scale: { x, z }, shot }: { scale: SectionScale; shot: Shot }) {
  const foot = z(shot.lip.height);
  const top = foot - Math.max(46, (z(0) - z(1)) * 2.1);
  const px = x(shot.pin);
  return (
    <g>
      <line x1={px} x2={px} y1={foot} y2={top} stroke="var(--ink)" strokeWidth="2" />
      <path d={`M${px} ${top} l24 8 l-24 8 Z`} fill="var(--flag)" />
    </g>
  );
}

function Ticks({
  scale: { x },
  height,
  width,
  units,
}: {
  scale: SectionScale;
  height: number;
  width: number;
  units: UnitSystem;
}) {
  const unit = unitFor('ground', units);
  const pixels = x(toMetres(1, unit)) - x(0);
  const step = [1, 2, 5, 10, 20, 50].find((each) => each * pixels >= 44) ?? 100;
  const last = Math.floor(fromMetres(x.invert(width - 34), unit) / step) * step;
  const ticks = Array.from({ length: Math.max(0, last / step + 1) }, (_, k) => k * step);
  return (
    <g fontSize="13" fill="var(--on-turf)" textAnchor="middle">
      {ticks.map((tick) => (
        <g key={tick} transform={`translate(${x(toMetres(tick, unit))} ${height - 5})`}>
          <line y1="-19" y2="-14" stroke="var(--on-turf)" />
          <text>{tick}</text>
        </g>
      ))}
      <text x={width - 16} y={height - 5}>
        {unit}
      </text>
    </g>
  );
}

/** What the drawing shows, in words. */
function sectionText(
  shot: Shot,
  pictures: readonly CallPicture[],
  clubs: readonly string[],
  units: UnitSystem,
): string {
  const far = (metres: number): string => sayLength(metres, 'ground', units);
  const flights = pictures.map(
    ({ landing, finish, flight }, i) =>
      `the ${clubs[i]} rises ${sayLength(Math.max(...flight.map(([, z]) => z)), 'height', units)}, lands at ${far(landing)} and stops at ${far(finish)}`,
  );
  return `Side view to scale. Flag at ${far(shot.pin)}, green from ${far(shot.edge)} to ${far(shot.back)}, lip ${sayLength(shot.lip.height, 'height', units)} high at ${far(shot.lip.distance)}. ${flights.length > 0 ? `${flights.join('; ')}.` : 'No call yet.'} Scale in ${plainNumber(1)} ${unitFor('ground', units)}.`;
}
