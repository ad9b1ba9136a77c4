import { faceAzimuth, headNormals } from '@/core/ground/club/geometry';
import { SHOULDER_WIDTH } from '@/core/model/swing/technique';
import type { Plan } from '@/core/tell/picture/follow';
import type { Shot } from '@/core/ground/situation/shot';
import { holdOf } from '@/core/model/swing/setup';
import { HEEL_SEAM, SHOE } from '../shoe';
import type { AboveScale } from './scale';

interface StanceAboveProps {
  plan: Plan;
  shot: Shot;
  scale: AboveScale;
}

/** How far ahead the lines of swing and face are drawn, m, and how far the player stands from the ball. */
const REACH = 3;
const FROM_BALL = 0.85;

/** Feet, the line of the swing and the way the face looks, from above. Drawn large enough to be seen. */
export function StanceAbove({ plan: { setup, aim }, shot, scale }: StanceAboveProps) {
  const { x, y, perMetre, forward } = scale;
  const face = aim + faceAzimuth(headNormals(setup.club, holdOf(setup, shot)));
  const ray = (angle: number): { x2: number; y2: number } => ({
    x2: x(REACH * Math.cos(angle)),
    y2: y(REACH * Math.sin(angle)),
  });
  const size = Math.max(0.6, perMetre / 75);
  const half = (setup.stanceWidth * SHOULDER_WIDTH * 75 * size) / 2;
  const ballAt = half - (2 * half * setup.ballPosition) / 100;
  const open = (setup.stanceOpen * 180) / Math.PI;
  return (
    <g>
      <line
        x1={x(0)}
        y1={y(0)}
        {...ray(aim)}
        stroke="#14302a"
        strokeWidth="1.6"
        strokeDasharray="7 4"
      />
      <line
        x1={x(0)}
        y1={y(0)}
        {...ray(face)}
        stroke="#14302a"
        strokeWidth="1.6"
        strokeDasharray="1.5 4"
        strokeLinecap="round"
      />
      <g
        transform={`translate(${x(0)} ${y(0) - FROM_BALL * 75 * size}) scale(${-forward} -1) translate(${-ballAt} 0) rotate(${-open})`}
      >
        <g transform={`translate(${-half} 0) rotate(-14) scale(${-size * 0.75} ${size * 0.75})`}>
          <path d={SHOE} fill="var(--call-1)" />
          <path d={HEEL_SEAM} fill="none" stroke="var(--paper)" />
        </g>
        <g transform={`translate(${half} 0) rotate(6) scale(${size * 0.75})`}>
          <path d={SHOE} fill="var(--call-1)" />
          <path d={HEEL_SEAM} fill="none" stroke="var(--paper)" />
        </g>
      </g>
    </g>
  );
}
