/** Radius in metres: half of the smallest diameter allowed by the Equipment Rules (42.67 mm). */
export const BALL_RADIUS = 0.021335;

/** Mass in kilograms: just under the Equipment Rules' limit of 45.93 g. */
export const BALL_MASS = 0.0459;

/** Acceleration of gravity, m/s^2. */
export const GRAVITY = 9.80665;
