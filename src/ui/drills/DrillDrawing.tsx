import { t } from '@/core/tell/language/t';
import type { DrillMark } from '@/core/lesson/drills/drill';
import { MARK_WORDS } from '@/core/tell/drills/drillWords';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, saySmall } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { listed } from '@/core/tell/words/listed';

const WIDTH = 440;
const HEIGHT = 150;
const MIDDLE = 64;
const INK = '#14302a';
const BALL = 0.02135;

/** From here on, m, marks are on the ground ahead, not in the sand beside the ball. */
const FAR = 1;

interface DrillDrawingProps {
  marks: readonly DrillMark[];
  units: UnitSystem;
}

interface Laid {
  kind: DrillMark['kind'];
  from: number;
  to: number;
  width: number;
}

/** What is laid out, in m. What has no width of its own is drawn across half the drawing. */
const laid = ({ kind, from_cm, to_cm, width_cm }: DrillMark): Laid => ({
  kind,
  from: from_cm / 100,
  to: (to_cm ?? from_cm) / 100,
  width: (width_cm ?? 50) / 100,
});

const isFar = (marks: readonly Laid[]): boolean => marks.some(({ to }) => Math.abs(to) > FAR);

/** A length on the ground as it is paced: whole. */
function sayFar(metres: number, units: UnitSystem): string {
  const unit = unitFor('ground', units);
  return `${plainNumber(fromMetres(Math.abs(metres), unit), 0)}\u00a0${unit}`;
}

/** Where a mark is, from the ball. */
function placeWords({ kind, from, to }: Laid, units: UnitSystem): string {
  const far = Math.abs(to) > FAR;
  const say = (metres: number): string =>
    far ? sayFar(metres, units) : saySmall(Math.abs(metres), units);
  if (kind === 'tee') return MARK_WORDS.tee;
  if (kind === 'box')
    return t('{box} {say} long round the ball', { box: MARK_WORDS.box, say: say(to - from) });
  if (kind === 'band')
    return t('{band} from {say} to {say2}', {
      band: MARK_WORDS.band,
      say: say(from),
      say2: say(to),
    });
  return t('{kind} {say} {from} the ball', {
    kind: MARK_WORDS[kind],
    say: say(from),
    from: from < 0 ? t('behind') : t('ahead of'),
  });
}

/** What a drill is set up with, in a sentence. */
export const drillWords = (marks: readonly DrillMark[], units: UnitSystem): string =>
  t('Seen from above, to scale, line of play to the right: {list}.', {
    list: listed(marks.map((mark) => placeWords(laid(mark), units))),
  });

/** What a drill is set up with, seen from above and to scale; nothing for a drill that needs no marks. */
export function DrillDrawing({ marks, units }: DrillDrawingProps) {
  const all = marks.map(laid);
  if (all.length === 0) return null;
  const far = isFar(all);
  const room = far ? 1.5 : 0.12;
  const left = Math.min(far ? 0 : -0.2, ...all.map(({ from }) => from)) - room;
  const right = Math.max(far ? 3 : 0.24, ...all.map(({ to }) => to)) + room;
  const widest = Math.max(...all.map(({ width }) => width));
  const scale = Math.min(WIDTH / (right - left), (2 * MIDDLE - 12) / widest);
  const start = (WIDTH - (right - left) * scale) / 2;
  const x = (metres: number): number => start + (metres - left) * scale;
  const ball = Math.max(3, BALL * scale);
  const sandTo = far ? x(Math.min(2, right)) : WIDTH;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={drillWords(marks, units)}
      fontSize="13"
      className="block w-full max-w-lg rounded"
    >
      <rect width={WIDTH} height={2 * MIDDLE} fill={far ? 'var(--putting)' : 'var(--sand)'} />
      {far && <rect width={sandTo} height={2 * MIDDLE} fill="var(--sand)" />}
      <rect y={2 * MIDDLE} width={WIDTH} height={HEIGHT - 2 * MIDDLE} fill="var(--paper)" />
      <line
        x1={x(0)}
        x2={WIDTH - 6}
        y1={MIDDLE}
        y2={MIDDLE}
        stroke={INK}
        strokeOpacity="0.35"
        strokeDasharray="3 5"
      />
      {all.map((mark, i) => (
        <Mark key={i} mark={mark} x={x} scale={scale} />
      ))}
      <circle cx={x(0)} cy={MIDDLE} r={ball} fill="white" stroke={INK} strokeWidth="1.4" />
      {all.map((mark, i) => (
        <Label key={i} mark={mark} at={x((mark.from + mark.to) / 2)} far={far} units={units} />
      ))}
    </svg>
  );
}

/** One thing that is set up. */
function Mark({
  mark: { kind, from, to, width },
  x,
  scale,
}: {
  mark: Laid;
  x: (metres: number) => number;
  scale: number;
}) {
  const half = (width * scale) / 2;
  const line = { stroke: INK, strokeWidth: 2.5, fill: 'none' } as const;
  switch (kind) {
    case 'line':
      return <line x1={x(from)} x2={x(from)} y1={MIDDLE - half} y2={MIDDLE + half} {...line} />;
    case 'box':
    case 'band':
      return (
        <rect
          x={x(from)}
          y={MIDDLE - half}
          width={(to - from) * scale}
          height={2 * half}
          stroke={INK}
          strokeWidth="2"
          strokeDasharray={kind === 'band' ? '7 5' : undefined}
          fill={kind === 'band' ? 'var(--flag)' : 'none'}
          fillOpacity={kind === 'band' ? 0.35 : 0}
        />
      );
    case 'dent':
      return <circle cx={x(from)} cy={MIDDLE} r={BALL * scale} {...line} strokeDasharray="3 3" />;
    case 'tee':
      return <path d={`M${x(0) - 16} ${MIDDLE}h32M${x(0)} ${MIDDLE - 16}v32`} {...line} />;
    case 'gate':
      return (
        <>
          <circle cx={x(from)} cy={MIDDLE - half} r="5" fill={INK} />
          <circle cx={x(from)} cy={MIDDLE + half} r="5" fill={INK} />
        </>
      );
  }
}

/** How far a mark is from the ball, under it. */
function Label({
  mark: { kind, from, to },
  at,
  far,
  units,
}: {
  mark: Laid;
  at: number;
  far: boolean;
  units: UnitSystem;
}) {
  if (kind === 'tee' || kind === 'box') return null;
  const say = (metres: number): string =>
    far ? sayFar(metres, units) : saySmall(Math.abs(metres), units);
  const words =
    kind === 'band'
      ? `${say(from).split('\u00a0')[0]}–${say(to)}`
      : far
        ? say(from)
        : `${say(from)} ${from < 0 ? t('behind') : t('ahead')}`;
  const anchor = !far && from < 0 ? 'end' : !far ? 'start' : 'middle';
  return (
    <text
      x={anchor === 'end' ? at + 16 : anchor === 'start' ? at - 16 : at}
      y={2 * MIDDLE + 16}
      textAnchor={anchor}
      fill="var(--ink)"
    >
      {words}
    </text>
  );
}
