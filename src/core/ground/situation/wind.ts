/** Wind at 10 m over open ground, m/s, as the air moves along x and y. */
export interface Wind {
  x: number;
  y: number;
}

export const NO_WIND: Wind = { x: 0, y: 0 };
