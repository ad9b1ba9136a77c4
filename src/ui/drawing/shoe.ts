/** Sole of a right shoe from above, toe up, heel at the origin, and the seam of its heel. */
export const SHOE =
  'M-4.5 0 C-7 -3 -6.5 -9 -5.5 -13 C-6.5 -19 -6 -27 -2 -30 C2 -32.5 7 -29 7.5 -23 C8 -17 5.5 -14 5.2 -9 C6 -4 4 1.5 0 2 C-2 2 -3.5 1.2 -4.5 0 Z';
export const HEEL_SEAM = 'M-5.6 -9.5 Q0 -8 5.2 -9.5';
