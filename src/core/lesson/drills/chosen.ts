import type { Drill, NamedDrill } from './drill';

/** A drill as it is stored: a coach's own or changed one, or only whether the library's is archived. */
export interface StoredDrill {
  id: string;
  /** Null where the library's stands as it is. */
  drill: Drill | null;
  archived: boolean;
}

/** A drill that can be chosen, and where it comes from. */
export type ListedDrill = NamedDrill & {
  /** Whether the library's stands behind it: as it is, or changed. */
  from: 'library' | 'changed' | 'own';
  archived: boolean;
};

/** The library with what coaches changed of it and added to it, those of their own last. */
export function listedDrills(
  stored: readonly StoredDrill[],
  library: readonly NamedDrill[],
): ListedDrill[] {
  const known = new Map(stored.map((each) => [each.id, each]));
  const listed = library.map((drill): ListedDrill => {
    const { drill: changed = null, archived = false } = known.get(drill.id) ?? {};
    known.delete(drill.id);
    return { ...(changed ?? drill), id: drill.id, from: changed ? 'changed' : 'library', archived };
  });
  const own = [...known.values()].flatMap(({ id, drill, archived }): ListedDrill[] =>
    drill ? [{ ...drill, id, from: 'own', archived }] : [],
  );
  return [...listed, ...own];
}

/** The drills for a cause, those first that were made for it. */
export const drillsFor = (drills: readonly ListedDrill[], cause: string): ListedDrill[] => {
  const chosen = drills.filter(({ archived }) => !archived);
  return [
    ...chosen.filter(({ cures }) => cures.includes(cause)),
    ...chosen.filter(({ cures }) => !cures.includes(cause)),
  ];
};

/** Drills by their ids. */
export const drillsById = <D extends NamedDrill>(drills: readonly D[]): ReadonlyMap<string, D> =>
  new Map(drills.map((drill) => [drill.id, drill]));
