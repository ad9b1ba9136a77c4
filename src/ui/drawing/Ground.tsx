import type { SectionScale } from './sectionScale';

interface GroundProps {
  scale: SectionScale;
  width: number;
  height: number;
  lip: { height: number; distance: number };
  edge: number;
  back: number;
  burial: number;
}

/** Sand, lip, bank and green in section. The green stands level with the lip. */
export function Ground({ scale, width, height, lip, edge, back, burial }: GroundProps) {
  const { x, z, perMetre } = scale;
  const surface = z(-0.021 + burial);
  const top = z(lip.height);
  const face = Math.min(lip.distance * 0.45, Math.max(0.35, lip.height * 0.55));
  const foot = x(lip.distance - face);
  const edgeX = x(lip.distance);
  const round = Math.min(0.25 * perMetre, 10);
  const floor = surface + 26;
  return (
    <g>
      <path
        d={`M0 ${surface - 10} Q ${x(-1.4)} ${surface} ${x(-0.6)} ${surface} H ${foot - 8}
            Q ${foot + 4} ${surface} ${(foot + edgeX) / 2} ${(surface + top) / 2}
            Q ${edgeX - 3} ${top + round} ${edgeX} ${top}
            L ${edgeX + 30} ${height} H 0 Z`}
        fill="var(--sand)"
      />
      <path
        d={`M0 ${floor + 6} Q ${x(-1)} ${floor} ${foot} ${floor}
            Q ${(foot + edgeX) / 2 + 5} ${floor} ${edgeX - 2} ${top + round + 5}
            Q ${edgeX - 1} ${top} ${edgeX + round} ${top} H ${width} V ${height} H 0 Z`}
        fill="var(--turf)"
      />
      <path
        d={`M${x(edge)} ${top} H ${x(back)}`}
        stroke="var(--putting)"
        strokeWidth="7"
        transform="translate(0 3.5)"
      />
      {Array.from({ length: 90 }, (_, k) => {
        const gx = ((k * 0.618034) % 1) * (foot - 6);
        const gy = surface + 3 + ((k * 0.754878) % 1) * 19;
        return <circle key={k} cx={gx} cy={gy} r="0.9" fill="var(--sand-grain)" />;
      })}
    </g>
  );
}
