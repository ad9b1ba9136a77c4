import type { Sand } from '@/core/ground/sand/presets';
import { sandLook } from '../sandLook';
import type { SectionScale } from './scale';

interface GroundProps {
  /** Of the drawing that is not mirrored: the caller mirrors the whole ground. */
  scale: SectionScale;
  width: number;
  height: number;
  lip: { height: number; distance: number };
  edge: number;
  back: number;
  burial: number;
  sand: Sand;
}

/** Sand deeper than this is drawn to its turf floor only, m. */
const DEEP_SAND = 0.1;

/** Sand by its kind, lip, bank and green in section. The green stands level with the lip. */
export function Ground({ scale, width, height, lip, edge, back, burial, sand }: GroundProps) {
  const { x, z, perMetre } = scale;
  const surface = z(-0.021 + burial);
  const top = z(lip.height);
  const face = Math.min(lip.distance * 0.45, Math.max(0.35, lip.height * 0.55));
  const foot = x(lip.distance - face);
  const edgeX = x(lip.distance);
  const round = Math.min(0.25 * perMetre, 10);
  const floor = surface + 26;
  const look = sandLook(sand);
  const start = Math.min(-20, x(-2.4));
  const grains = Math.min(220, Math.round(look.grains * 90));
  const packed = sand.baseDepth < DEEP_SAND;
  return (
    <g>
      <path
        d={`M${start} ${surface - 10} Q ${x(-1.4)} ${surface} ${x(-0.6)} ${surface} H ${foot - 8}
            Q ${foot + 4} ${surface} ${(foot + edgeX) / 2} ${(surface + top) / 2}
            Q ${edgeX - 3} ${top + round} ${edgeX} ${top}
            L ${edgeX + 30} ${height} H ${start} Z`}
        fill="var(--sand)"
      />
      {look.dark > 0 && (
        <path
          d={`M${start} ${surface - 10} Q ${x(-1.4)} ${surface} ${x(-0.6)} ${surface} H ${foot - 8} V ${floor} H ${start} Z`}
          fill="var(--sand-grain)"
          fillOpacity={look.dark}
        />
      )}
      <path
        d={`M${start} ${floor + 6} Q ${x(-1)} ${floor} ${foot} ${floor}
            Q ${(foot + edgeX) / 2 + 5} ${floor} ${edgeX - 2} ${top + round + 5}
            Q ${edgeX - 1} ${top} ${edgeX + round} ${top} H ${width + 2000} V ${height + 400} H ${start} Z`}
        fill="var(--turf)"
      />
      {packed && (
        <path
          d={`M${x(-0.6)} ${surface + Math.max(5, sand.baseDepth * 150)} H ${foot - 10}`}
          stroke="var(--sand-grain)"
          strokeWidth="3"
          strokeDasharray="14 3"
        />
      )}
      <path
        d={`M${x(edge)} ${top} H ${x(back)}`}
        stroke="var(--putting)"
        strokeWidth="7"
        transform="translate(0 3.5)"
      />
      {Array.from({ length: grains }, (_, k) => {
        const gx = start + ((k * 0.618034) % 1) * (foot - 6 - start);
        const gy = surface + 3 + ((k * 0.754878) % 1) * 19;
        return <circle key={k} cx={gx} cy={gy} r={look.grain} fill="var(--sand-grain)" />;
      })}
    </g>
  );
}
