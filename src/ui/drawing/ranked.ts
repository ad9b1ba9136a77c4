import type { CallPicture } from '@/core/tell/picture/picture';

/** A picture with the rank of its call, which keeps its ink whatever else is drawn. */
export interface Ranked {
  picture: CallPicture;
  rank: number;
}

/** Pictures at the flag with their ranks: relief has no flight, and other ways out are not on this line. */
export const atTheFlag = (pictures: readonly (CallPicture | null)[]): Ranked[] =>
  pictures.flatMap((picture, rank) => (picture && picture.toward === 0 ? [{ picture, rank }] : []));
