import { aBall } from '@/core/testing/balls';
import { aBunkerTest } from '@/core/testing/bunkerTest';
import { anEyeResult } from '@/core/testing/eye';
import { aHomework } from '@/core/testing/homework';
import { aPlan } from '@/core/testing/plans';
import { aRecord, PLAIN_LEARNT } from '@/core/testing/records';
import { addBalls } from '../balls';
import { saveTest } from '../bunkerTests';
import { saveContact } from '../contacts';
import { saveDraft } from '../drafts';
import { addEyeResult } from '../eye';
import { addGrassShots } from '../grassShots';
import { addResults, saveHomework } from '../homework';
import { acceptLearning } from '../learnings';
import { saveLesson } from '../lessons';
import { addPlayers } from '../players';
import { saveReading } from '../readings';
import type { Sql } from '../sql/sql';

/** Three players; whose each is, is for a test to say. */
export const PLAYERS = ['ada', 'bo', 'cy'] as const;

/** An id of its own for each kind of thing of each player. */
export const uuid = (kind: number, player: string): string =>
  `${String(kind).repeat(8)}-1111-4111-8111-${String(PLAYERS.indexOf(player as 'ada')).repeat(12)}`;

/** Puts the three into a roster, each with one of everything that a player can have. */
export async function threePlayers(sql: Sql): Promise<void> {
  for (const id of PLAYERS) {
    await addPlayers(sql, [{ id, ...aRecord({ name: id }) }]);
    const shot = { pin_yd: 12 };
    await saveReading(sql, { name: id, playerId: id, shot, called: '56', model: '1' });
    await saveDraft(sql, uuid(1, id), { playerId: id, shot, called: '56' });
    await addGrassShots(sql, id, [{ club: '56', carry: 70 }]);
    const { version: _version, ...factors } = PLAIN_LEARNT;
    await acceptLearning(sql, id, factors);
    await saveContact(sql, id, { contact: `call ${id}` });
    await saveHomework(sql, uuid(2, id), aHomework({ player: id }));
    await addResults(sql, uuid(2, id), [
      {
        id: uuid(3, id),
        drill: aHomework().items[0]!.drill,
        day: '2026-06-02',
        count: 7,
        of: 10,
        note: '',
      },
    ]);
    await saveTest(sql, uuid(4, id), aBunkerTest({ player: id }));
    await addEyeResult(sql, anEyeResult({ id: uuid(5, id), player: id }));
    await saveLesson(sql, uuid(6, id), aPlan({ players: [id] }));
    await addBalls(sql, uuid(6, id), [aBall(PLAYERS.indexOf(id) + 1, { player: id })]);
  }
}
