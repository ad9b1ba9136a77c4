import type { Club } from '@/core/ground/club/club';
import { effectiveBounce, effectiveLoft, headNormals } from '@/core/ground/club/geometry';
import { profileOf } from '@/core/ground/club/profile';
import type { Hand } from '@/core/ground/player/player';
import { degrees } from '@/core/ground/units/angle';
import { profileLine } from './profileLine';

const PER_METRE = 1500;

/** What an opened club does: loft and bounce at work, degrees, and how high its leading edge stands, mm. */
export function openedClub(club: Club, opening: number) {
  const normals = headNormals(club, { opening, handleLowered: 0, shaftLean: 0 });
  const held = { loft: effectiveLoft(normals), bounce: effectiveBounce(normals) };
  const profile = profileOf(club, held);
  return {
    profile,
    loftDeg: degrees(held.loft),
    bounceDeg: degrees(held.bounce),
    edgeMm: profile.edgeHeight * 1000,
  };
}

interface ClubProfileProps {
  club: Club;
  /** How far it is held open, radians. */
  opening: number;
  handed: Hand;
}

/** A club head in profile on firm ground, to scale: face, sole with its camber, and how high the leading edge stands. */
export function ClubProfile({ club, opening, handed }: ClubProfileProps) {
  const { profile, edgeMm } = openedClub(club, opening);
  const shape = profileLine(PER_METRE);
  const lift = profile.edgeHeight * PER_METRE;
  return (
    <svg viewBox="-92 -92 120 112" className="block h-28 w-full max-w-36" aria-hidden="true">
      <g transform={handed === 'left' ? 'scale(-1 1) translate(64 0)' : undefined}>
        <line x1="-92" x2="28" y1="0" y2="0" stroke="var(--ink-soft)" strokeWidth="1.2" />
        <g transform={`translate(0 ${-lift})`}>
          <path
            d={`${shape(profile.outline)}Z`}
            fill="var(--call-1)"
            fillOpacity="0.25"
            stroke="var(--call-1)"
            strokeWidth="1.6"
            strokeLinejoin="round"
          />
          <path d={shape(profile.sole)} fill="none" stroke="var(--call-1)" strokeWidth="3" />
        </g>
        {edgeMm > 0.4 && (
          <g stroke="var(--call-3)" strokeWidth="1.6">
            <line x1="6" x2="22" y1={-lift} y2={-lift} />
            <line x1="14" x2="14" y1={-lift} y2="0" />
          </g>
        )}
        <path d="M8 14 h14 m-4 -3 l4 3 l-4 3" fill="none" stroke="var(--ink-soft)" />
      </g>
    </svg>
  );
}
