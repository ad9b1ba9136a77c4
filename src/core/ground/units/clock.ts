/** Minutes after twelve written as h:mm on a clock face. */
function clockText(minutes: number): string {
  const whole = ((Math.round(minutes) % 720) + 720) % 720;
  const hour = Math.floor(whole / 60) || 12;
  return `${hour}:${String(whole % 60).padStart(2, '0')}`;
}

/** Degrees of opening to one hour of the face clock; 12.5 puts "one o'clock" at 12.5 and "two" at 25. */
const FACE_HOUR_DEG = 12.5;

/** Beyond "two" an hour is 20 degrees, so that "three" is 45: coaches' hours widen as the face lies back. */
const FACE_LATE_HOUR_DEG = 20;

/**
 * Face as a clock, seen from above with the target at twelve and a square face pointing its toe to twelve,
 * to the quarter hour. Open turns clockwise for a right-hander and is mirrored by the drawing for a left-hander.
 *
 * @param faceDeg opening in degrees, open positive
 * @example
 * faceClock(12.5); // => '1:00'
 * faceClock(-12.5); // => '11:00'
 */
export function faceClock(faceDeg: number): string {
  const open = Math.abs(faceDeg);
  const hours =
    open <= 2 * FACE_HOUR_DEG
      ? open / FACE_HOUR_DEG
      : 2 + (open - 2 * FACE_HOUR_DEG) / FACE_LATE_HOUR_DEG;
  const quarters = Math.round(hours * 4) * 15;
  return clockText(faceDeg < 0 ? -quarters : quarters);
}

/** Lead arm's angle from six o'clock at the top of a full swing, degrees, and the exponent of speed with it. */
const FULL_ARM_DEG = 155;
const SPEED_EXPONENT = 0.45;

/**
 * Angle of the lead arm from hanging straight down, degrees, that gives fraction `f` of full head speed:
 * 155 f^(1/0.45). Tuned so that 9:00 (90 degrees) is 0.78 and 7:30 (45 degrees) is 0.57 of a full swing's speed.
 *
 * @example
 * Math.round(armAngleDeg(0.78)); // => 89
 */
export function armAngleDeg(f: number): number {
  return FULL_ARM_DEG * f ** (1 / SPEED_EXPONENT);
}

/**
 * Lead arm at the top as a clock hand going up from six, to the quarter hour: 7:30 short, 9:00 half, full 11:15.
 *
 * @example
 * swingClock(0.78); // => '9:00'
 * swingClock(1); // => '11:15'
 */
export function swingClock(f: number): string {
  return clockText(360 + Math.round((armAngleDeg(f) * 2) / 15) * 15);
}

/**
 * Share of full head speed for a lead arm at this hour of the clock, going up from six: the inverse of
 * {@link armAngleDeg}.
 *
 * @param hours 6.5 to 11; seven and a half is 7.5
 * @throws RangeError outside that
 * @example
 * fractionAtClock(9).toFixed(2); // => '0.78'
 */
export function fractionAtClock(hours: number): number {
  if (!(hours >= 6.5 && hours <= 11.25)) {
    throw new RangeError('a swing goes from half past six to quarter past eleven');
  }
  return Math.min(1, ((hours - 6) * 30) / FULL_ARM_DEG) ** SPEED_EXPONENT;
}
