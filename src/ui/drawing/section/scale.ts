import { ruler, type Ruler } from '../ruler';

/** Places of a section, m: along the line and above the ball. */
export interface SectionScale {
  x: Ruler;
  z: Ruler;
  /** Pixels in a metre along the line; upwards the same, times the stretch. */
  perMetre: number;
  /** 1 when the flag is to the right, -1 when it is to the left, as for a left-hander seen from the front. */
  forward: 1 | -1;
}

/** How a section is looked at. */
export interface SectionView {
  /** Times larger than what shows everything. */
  zoom: number;
  /** Moved along the drawing and up, px. */
  along: number;
  up: number;
  /** Times taller than true. */
  stretch: number;
}

export const WHOLE_VIEW: SectionView = { zoom: 1, along: 0, up: 0, stretch: 1 };

/** What must be seen: the farthest thing along the line, the highest, and the green's height over the ball, m. */
export interface SectionExtent {
  farthest: number;
  highest: number;
  lipHeight: number;
}

/** Ground kept behind the ball and past the farthest thing drawn, m; room above the highest flight, px. */
const BEHIND = 2.2;
const BEYOND = 2;
const HEADROOM = 26;

/** Share of the height that lies below the level of the ball at least, px. */
const GROUND = 46;

/**
 * One scale both ways that shows everything from behind the ball to the farthest thing and up to the highest, with the
 * ground along the foot of the drawing; then enlarged about the middle of the drawing's foot, moved and stretched.
 */
export function sectionScale(
  size: { width: number; height: number },
  { farthest, highest, lipHeight }: SectionExtent,
  view: SectionView = WHOLE_VIEW,
  mirrored = false,
): SectionScale {
  const across = size.width / (farthest + BEHIND + BEYOND);
  const up = (size.height - HEADROOM - GROUND) / Math.max(highest, lipHeight + 1.2);
  const whole = Math.min(across, up);
  const spare = size.width - whole * (farthest + BEHIND + BEYOND);
  const fitted = BEHIND * whole + spare * 0.25;
  const middle = size.width / 2;
  const forward = mirrored ? -1 : 1;
  const perMetre = whole * view.zoom;
  const left = middle + (fitted - middle) * view.zoom;
  const ball = (mirrored ? size.width - left : left) + view.along;
  const base = size.height - GROUND + view.up;
  return {
    x: ruler(ball, forward * perMetre),
    z: ruler(base, -perMetre * view.stretch),
    perMetre,
    forward,
  };
}
