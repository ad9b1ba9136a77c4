import type { Place } from './place';

/** A place as it is stored. */
export interface StoredPlace {
  id: string;
  place: Place;
  /** Of what stands: who changes another version is told. */
  version: string;
  changedAt: string;
  picture: StoredPicture | null;
}

/** A picture of the ground that a place is traced from. */
export interface StoredPicture {
  width: number;
  height: number;
  /** Null until two known points scale it. */
  scale: { origin: [number, number]; right: [number, number] } | null;
}
