/** A tilted bed with a ball on it and a level line, seen from the side or from behind. */
export function TiltDrawing({ deg, label }: { deg: number; label: string }) {
  return (
    <svg viewBox="-60 -40 120 64" className="block w-full" role="img" aria-label={label}>
      <line x1="-56" x2="56" y1="8" y2="8" stroke="var(--ink-soft)" strokeDasharray="3 4" />
      <g transform={`rotate(${-deg} 0 8)`}>
        <rect x="-52" y="8" width="104" height="13" fill="var(--sand)" />
        <circle cx="0" cy="1" r="7" fill="white" stroke="#14302a" strokeWidth="1.6" />
      </g>
    </svg>
  );
}
