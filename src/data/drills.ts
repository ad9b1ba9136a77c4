import { fact } from '@/core/ground/fact/fact';
import type { Sql, Tx } from './sql/sql';
import { faulty } from '@/core/contract/check/fault';
import type { StoredDrill } from '@/core/lesson/drills/chosen';
import { isInLibrary, LIBRARY } from '@/core/lesson/drills/library';
import { MOST_DRILLS, type Drill, type NamedDrill } from '@/core/lesson/drills/drill';

type Queries = Pick<Tx, 'query'>;

/** What is stored of drills: changed and archived ones of the library, and the coaches' own. */
export async function storedDrills(db: Queries): Promise<StoredDrill[]> {
  const { rows } = await db.query<StoredDrill>(
    'select id, drill, archived from drills order by changed_at, id',
  );
  return rows;
}

/**
 * Saves drills under their ids, over what stands there.
 *
 * @throws FaultyInput when there would be more than a list may hold; then none is saved
 */
export function saveDrills(db: Sql, drills: readonly NamedDrill[]): Promise<void> {
  return db.transaction(async (tx) => {
    for (const { id, ...drill } of drills) await saveDrill(tx, id, drill);
    const own = (await storedDrills(tx)).filter(({ id }) => !isInLibrary(id));
    if (LIBRARY.length + own.length > MOST_DRILLS) {
      throw faulty(
        'drills',
        fact('kept.mostDrills', {
          mostDrills: MOST_DRILLS,
        }),
      );
    }
  });
}

const saveDrill = (tx: Queries, id: string, drill: Drill) =>
  tx.query(
    `insert into drills (id, drill) values ($1, $2)
     on conflict (id) do update set drill = excluded.drill, changed_at = now()`,
    [id, JSON.stringify(drill)],
  );

/** Takes a drill out of what is offered, or puts it back; false when there is none. */
export async function archiveDrill(db: Sql, id: string, archived: boolean): Promise<boolean> {
  const isStored = (await storedDrills(db)).some((drill) => drill.id === id);
  if (!isStored && !isInLibrary(id)) return false;
  await db.query(
    `insert into drills (id, archived) values ($1, $2)
     on conflict (id) do update set archived = excluded.archived`,
    [id, archived],
  );
  return true;
}

/** Takes an own drill away, or a change of the library's; false when there is none. */
export async function removeDrill(db: Sql, id: string): Promise<boolean> {
  const { rows } = await db.query('delete from drills where id = $1 returning id', [id]);
  return rows.length > 0;
}
