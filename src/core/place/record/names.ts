/** What new ground is called until somebody names it, in the language of whoever makes it. */
export interface Names {
  place: string;
  bunker: (n: number) => string;
  green: (n: number) => string;
  flag: (n: number) => string;
  /** The flag amid a new green. */
  middle: string;
}
