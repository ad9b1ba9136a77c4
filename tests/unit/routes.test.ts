import { readFileSync, rmSync } from 'node:fs';
import { aRecord } from '@/core/testing/records';
import { A_CALL, aBall } from '@/core/testing/balls';
import { closeDatabase } from '@/data/database';
import { emptyFolder } from '@/data/testing/emptyFolder';
import { endThreads } from '@/workers/server/pool';
import { answerOf, ask, routeFiles, type Method, type RouteModule } from './router';

let folder: string;
beforeAll(async () => {
  folder = await emptyFolder('routes');
  process.env.MELLOW_DATA = folder;
});
afterAll(async () => {
  await closeDatabase();
  await endThreads();
  rmSync(folder, { recursive: true, force: true });
});

const NOBODY = '00000000-0000-4000-8000-00000000dead';
const LESSON = '11111111-1111-4111-8111-111111111111';

const ADA = aRecord({
  name: 'Ada Lund',
  handed: 'left',
  skill: 'good',
  bag: [
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
    { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 72 },
  ],
});

/** A player in the roster; gives back the id. */
async function aPlayer(name: string): Promise<string> {
  const { status, body } = await answerOf<{ id: string }>('POST', '/api/players', {
    json: { ...ADA, name },
  });
  expect(status).toBe(201);
  return body.id;
}

const planFor = (player: string) => ({
  held_on: '2026-05-02',
  place: 'Practice bunker',
  weather: '',
  players: [player],
  stations: [{ name: 'Splash', shot: { pin_yd: 12 }, line: 1 }],
  balls_per_station: 8,
  minutes_per_turn: 10,
  notes: '',
});

describe('every route', () => {
  const addresses = [...routeFiles()];
  const methodsOf = async (file: string): Promise<Method[]> =>
    (['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const).filter(
      (method) => method in (handlers.get(file) ?? {}),
    );
  const handlers = new Map<string, RouteModule>();
  beforeAll(async () => {
    for (const [, file] of addresses) handlers.set(file, (await import(file)) as RouteModule);
  });

  test.each(addresses)(
    '%s answers an unknown id, and none at all, without failing',
    async (at, file) => {
      for (const id of [NOBODY, 'not-an-id', '%27%20or%201%3D1', '../..', '9'.repeat(400)]) {
        for (const method of await methodsOf(file)) {
          if (!at.includes('[')) continue;
          const url = at.replace(/\[\w+\]/g, encodeURIComponent(decodeURIComponent(id)));
          const { status } = await answerOf(method, url, method === 'GET' ? {} : { json: {} });
          expect([url, method, status]).toEqual([url, method, expect.any(Number)]);
          expect(status).toBeLessThan(500);
        }
      }
    },
  );

  test.each(addresses)(
    '%s refuses a body that is not what it asks for, by name',
    async (at, file) => {
      const url = at.replace(/\[\w+\]/g, NOBODY);
      const writing = (await methodsOf(file)).filter((method) => /POST|PUT|PATCH/.test(method));
      for (const method of writing) {
        for (const json of [null, 7, [], { surely_unknown: 1 }, { name: { deep: [] } }]) {
          const { status, body } = await answerOf<{ error?: { message: string }[] }>(method, url, {
            json,
          });
          expect(status).toBeLessThan(500);
          if (status < 400) continue;
          expect(body.error!.length).toBeGreaterThan(0);
          for (const { message } of body.error!) expect(message).not.toMatch(/undefined|\[object/);
        }
      }
    },
  );
});

describe('players', () => {
  test('are added, changed, archived, deleted and brought back', async () => {
    const id = await aPlayer('Bo Ek');
    const at = `/api/players/${id}`;
    expect((await answerOf('PUT', at, { json: { ...ADA, name: 'Bo Eck' } })).body).toMatchObject({
      name: 'Bo Eck',
    });
    await answerOf('POST', `${at}/archive`, { json: { archived: true } });
    const found = async (query: string): Promise<string[]> =>
      (
        await answerOf<{ players: { id: string }[] }>('GET', `/api/players?${query}`)
      ).body.players.map((each) => each.id);
    expect(await found('search=eck')).toEqual([]);
    expect(await found('search=eck&archived=true')).toEqual([id]);
    await answerOf('POST', `${at}/archive`, { json: { archived: false } });
    expect((await ask('DELETE', at)).status).toBe(204);
    expect((await ask('GET', at)).status).toBe(404);
    expect((await ask('POST', `${at}/restore`)).status).toBe(200);
    expect(await found('search=eck')).toEqual([id]);
  });

  test('keep what they are when a change is refused', async () => {
    const id = await aPlayer('Cy Holm');
    const { status, body } = await answerOf<{ error: { path: string; message: string }[] }>(
      'PUT',
      `/api/players/${id}`,
      { json: { ...ADA, bag: [{ ...ADA.bag[0], loft_deg: 5 }] } },
    );
    expect(status).toBe(400);
    expect(body.error[0]!.path).toBe('bag[0].loft_deg');
    expect((await answerOf('GET', `/api/players/${id}`)).body).toMatchObject({ name: 'Cy Holm' });
  });

  test('a query that makes no sense is refused by name', async () => {
    for (const query of ['order=shoe', 'limit=-1', 'offset=x', 'descending=maybe']) {
      const { status, body } = await answerOf<{ error: { path: string }[] }>(
        'GET',
        `/api/players?${query}`,
      );
      expect([query, status, body.error[0]!.path]).toEqual([query, 400, query.split('=')[0]]);
    }
  });

  test('are erased with all that is theirs, in one step', async () => {
    const id = await aPlayer('Di Far');
    await answerOf('POST', `/api/players/${id}/shots`, {
      json: { shots: [{ club: '56', carry_m: 75 }] },
    });
    await answerOf('POST', '/api/readings', {
      json: { name: 'Mine', playerId: id, shot: { pin_yd: 12 }, called: '56' },
    });
    const exported = await answerOf<Record<string, unknown>>('GET', `/api/players/${id}/export`);
    expect(JSON.stringify(exported.body)).toContain('Mine');
    const named = await answerOf('GET', `/api/players/${id}/erase`);
    expect(named).toMatchObject({ status: 200, body: { full: { name: 'Di Far', count: 0 } } });
    const odd = await answerOf<{ error: { path: string }[] }>('POST', `/api/players/${id}/erase`, {
      json: { words: ['Bo'] },
    });
    expect([odd.status, odd.body.error[0]!.path]).toEqual([400, 'words[0]']);
    expect((await ask('POST', `/api/players/${id}/erase`, { json: { words: [] } })).status).toBe(
      204,
    );
    expect((await ask('GET', `/api/players/${id}`)).status).toBe(404);
    expect((await ask('POST', `/api/players/${id}/restore`)).status).toBe(404);
    expect((await answerOf<unknown[]>('GET', '/api/readings?search=Mine')).body).toEqual([]);
  });
});

describe('readings and drafts', () => {
  test('are kept, found, copied, deleted and brought back', async () => {
    const player = await aPlayer('Ed Nord');
    const kept = await answerOf<{ id: string; playerName: string }>('POST', '/api/readings', {
      json: { name: 'Left bunker', playerId: player, shot: { pin_yd: 12 }, called: '56 splash' },
    });
    expect(kept.body.playerName).toBe('Ed Nord');
    const at = `/api/readings/${kept.body.id}`;
    const found = async (): Promise<number> =>
      (await answerOf<unknown[]>('GET', '/api/readings?search=left%20bunker')).body.length;
    expect(await found()).toBe(1);
    expect((await ask('POST', `${at}/duplicate`)).status).toBeLessThan(300);
    expect(await found()).toBe(2);
    await ask('DELETE', at);
    expect(await found()).toBe(1);
    await ask('POST', `${at}/restore`);
    expect(await found()).toBe(2);
  });

  test('of nobody are refused; a draft is one for each of its ids', async () => {
    const draft = { playerId: 'nobody', shot: { pin_yd: 12 }, called: '56' };
    const refused = await answerOf<{ error: { path: string }[] }>('PUT', `/api/drafts/${NOBODY}`, {
      json: draft,
    });
    expect([refused.status, refused.body.error[0]!.path]).toEqual([400, 'playerId']);
    const playerId = await aPlayer('Fay Dune');
    for (const pin_yd of [12, 13]) {
      const json = { ...draft, playerId, shot: { pin_yd } };
      expect((await ask('PUT', `/api/drafts/${NOBODY}`, { json })).status).toBe(204);
    }
    const { body } = await answerOf<{ id: string; shot: object }[]>('GET', '/api/drafts');
    expect(body.filter(({ id }) => id === NOBODY).map(({ shot }) => shot)).toEqual([
      { pin_yd: 13 },
    ]);
  });
});

describe('lessons', () => {
  let player = '';
  const at = `/api/lessons/${LESSON}`;
  beforeAll(async () => {
    player = await aPlayer('Gus Marsh');
    expect((await ask('PUT', at, { json: planFor(player) })).status).toBe(200);
  });
  const ball = (n: number) => ({ ...aBall(n), player });

  test('take balls once, in the server’s order, whatever the devices’ clocks say', async () => {
    const early = { ...ball(1), hit_at: '2031-01-01T00:00:00Z' };
    const late = { ...ball(2), hit_at: '1999-01-01T00:00:00Z' };
    for (const balls of [[early], [late], [early, late]]) {
      const { status, body } = await answerOf('POST', `${at}/balls`, { json: { balls } });
      expect([status, body]).toEqual([200, { saved: balls.map(({ id }) => id) }]);
    }
    const { body } = await answerOf<{ id: string; seq: number }[]>('GET', `${at}/balls`);
    expect(body.map(({ id }) => id)).toEqual([early.id, late.id]);
    const later = await answerOf<{ id: string }[]>('GET', `${at}/balls?after=${body[0]!.seq}`);
    expect(later.body.map(({ id }) => id)).toEqual([late.id]);
  });

  test('take all balls of a sending or none', async () => {
    const balls = [ball(3), { ...ball(4), station: 5 }];
    const refused = await answerOf<{ error: { path: string }[] }>('POST', `${at}/balls`, {
      json: { balls },
    });
    expect([refused.status, refused.body.error[0]!.path]).toEqual([400, 'balls[1].station']);
    const { body } = await answerOf<unknown[]>('GET', `${at}/balls`);
    expect(body).toHaveLength(2);
  });

  test('go out and come in again without loss, and without being taken twice', async () => {
    const file = (await answerOf<Record<string, unknown>>('GET', `${at}/export?as=json`)).body;
    const again = await answerOf('POST', '/api/lessons/import', { text: JSON.stringify(file) });
    expect(again.body).toMatchObject({ known: true, added: 0 });
    const csv = await answerOf<string>('GET', `${at}/export?as=csv`);
    expect(csv.body.trim().split(/\r?\n/)).toHaveLength(3);
    expect((await answerOf('GET', `${at}/export?as=xml`)).status).toBe(400);
    await ask('PATCH', `/api/balls/${ball(1).id}`, { json: { deleted: true } });
    const back = await answerOf('POST', '/api/lessons/import', { text: JSON.stringify(file) });
    expect(back.body).toMatchObject({ known: true, added: 0 });
    expect((await answerOf<unknown[]>('GET', `${at}/balls`)).body).toHaveLength(1);
  });

  test('keep the players and stations that balls are logged for', async () => {
    const other = await aPlayer('Hal Brook');
    const refused = await answerOf<{ error: { message: string }[] }>('PUT', at, {
      json: planFor(other),
    });
    expect(refused.status).toBe(400);
    expect((await answerOf<{ plan: unknown }>('GET', at)).body.plan).toEqual(planFor(player));
  });

  test('listen to a tracker with the key only, for what they are aimed at', async () => {
    const line = JSON.stringify({
      format: 'mellow-divot/tracked-ball',
      version: 1,
      id: '22222222-2222-4222-8222-222222222222',
      hit_at: '2026-05-02T10:00:00Z',
      carry_yd: 12,
    });
    const post = (key: string, text = line) =>
      answerOf<string>('POST', '/api/tracker/balls', {
        text,
        headers: { authorization: `Bearer ${key}`, 'content-type': 'application/x-ndjson' },
      });
    const { body } = await answerOf<{ key: string }>('POST', '/api/tracker/key', { json: {} });
    expect((await post('wrong')).status).toBe(401);
    expect((await post(body.key)).status).toBe(409);
    const aim = { lesson: LESSON, player, station: 0, call: A_CALL };
    expect((await ask('PUT', '/api/tracker/aim', { json: aim })).status).toBe(200);
    expect((await ask('PUT', '/api/tracker/aim', { json: { ...aim, station: 3 } })).status).toBe(
      400,
    );
    const { status, body: said } = await post(body.key, `${line}\nnot json\n`);
    expect(status).toBe(200);
    const answers = said.trim().split('\n');
    expect(answers[0]).toContain('22222222-2222-4222-8222-222222222222');
    expect(answers[1]).toContain('is not JSON');
  });

  test('are closed with what was said of them, deleted and brought back', async () => {
    const json = { summary: 'Marks moved up.', homework: 'Line drill.', closed: true };
    expect((await ask('POST', `${at}/close`, { json })).status).toBeLessThan(300);
    expect((await answerOf('GET', at)).body).toMatchObject(json);
    await ask('DELETE', at);
    expect((await ask('GET', at)).status).toBe(404);
    expect((await ask('POST', `${at}/balls`, { json: { balls: [ball(9)] } })).status).toBe(404);
    await ask('POST', `${at}/restore`);
    expect((await answerOf('GET', at)).body).toMatchObject(json);
  });
});

test('what was learnt is taken over as versions, held and let go, each decision kept', async () => {
  const id = await aPlayer('Ida Ford');
  const at = `/api/players/${id}/learnt`;
  const factors = {
    version: 9,
    balls: 40,
    mark_bias_mm: 6,
    mark_scale: 1.1,
    distance: 0.9,
    distance_scale: 1,
    aim_bias_deg: 0,
    aim_scale: 1,
    clubs: [],
  };
  const take = async () =>
    (await answerOf<{ version: number }>('POST', at, { json: factors })).body;
  expect((await take()).version).toBe(1);
  expect((await take()).version).toBe(2);
  await ask('POST', `${at}/hold`, { json: { balls: 44 } });
  expect((await ask('DELETE', at)).status).toBe(204);

  const { body } = await answerOf<{ decision: string }[]>('GET', at);
  expect(body.map(({ decision }) => decision)).toEqual(['let-go', 'held', 'accepted', 'accepted']);
  expect((await answerOf<object>('GET', `/api/players/${id}`)).body).not.toHaveProperty('learnt');
});

test('prescribing and simulating need no database of players', async () => {
  const example = JSON.parse(readFileSync('examples/greenside.json', 'utf8')) as object;
  const sheet = await answerOf<{ format: string }>('POST', '/api/prescribe', { json: example });
  expect(sheet.body.format).toBe('mellow-divot/call-sheet');
  const text = await answerOf('POST', '/api/prescribe', {
    text: 'pin 18',
    headers: { 'content-type': 'text/plain' },
  });
  expect(text.status).toBe(415);
});

describe('balls of a lesson', () => {
  let player = '';
  const at = '/api/lessons/11111111-1111-4111-8111-222222222222';
  beforeAll(async () => {
    player = await aPlayer('Hob Marram');
    expect((await ask('PUT', at, { json: planFor(player) })).status).toBe(200);
  });
  const ball = (n: number) => ({ ...aBall(n), player });

  test('say what was touched since: logged, changed, taken away and brought back', async () => {
    interface Touched {
      id: string;
      touched: number;
      deleted?: true;
      carry_m?: number;
    }
    const since = async (after: number): Promise<Touched[]> =>
      (await answerOf<Touched[]>('GET', `${at}/balls?touched_after=${after}`)).body;
    const { id } = ball(71);
    await answerOf('POST', `${at}/balls`, { json: { balls: [ball(71)] } });
    const [logged] = (await since(0)).slice(-1);
    expect(logged).toMatchObject({ id });
    const change = async (json: object): Promise<Touched[]> => {
      const before = (await since(0)).at(-1)!.touched;
      expect((await answerOf('PATCH', `/api/balls/${id}`, { json })).status).toBe(200);
      return since(before);
    };
    expect(await change({ carry_m: 9 })).toMatchObject([{ id, carry_m: 9 }]);
    const [gone] = await change({ deleted: true });
    expect(gone).toEqual({ id, touched: gone!.touched, deleted: true });
    expect(await change({ deleted: false })).toMatchObject([{ id, carry_m: 9 }]);
    expect((await answerOf('GET', `${at}/balls?touched_after=x`)).status).toBe(400);
  });

  test('are followed by four hundred at a time and no more; who leaves gives a place back', async () => {
    const follow = (): Promise<Response> => ask('GET', `/api/lessons/${LESSON}/events`);
    // What is refused takes no place.
    for (let i = 0; i < 401; i++) {
      const odd = await ask('GET', `/api/lessons/${LESSON}/events?touched_after=odd`);
      expect(odd.status).toBe(400);
    }
    const all = await Promise.all(Array.from({ length: 430 }, follow));
    const lines = all.filter(({ status }) => status === 200);
    expect(lines).toHaveLength(400);
    const refused = all.filter(({ status }) => status === 503);
    expect(refused).toHaveLength(30);
    expect(refused[0]!.headers.get('retry-after')).toBe('1');
    await Promise.all(lines.slice(0, 5).map(({ body }) => body!.cancel()));
    const again: Response[] = [];
    const here = (): Response[] => again.filter(({ status }) => status === 200);
    for (let i = 0; i < 500 && here().length < 5; i++) {
      await new Promise((resolve) => setTimeout(resolve, 10));
      again.push(await follow());
    }
    again.push(await follow(), await follow());
    expect(here()).toHaveLength(5);
    const open = [...lines.slice(5), ...again];
    await Promise.all(open.map(({ body }) => body!.cancel()));
    expect((await ask('GET', `/api/lessons/${NOBODY}/events`)).status).toBe(404);
  });

  test('refuse a ball of a player who was deleted, by name', async () => {
    expect((await answerOf('DELETE', `/api/players/${player}`)).status).toBe(204);
    const refused = await answerOf<{ error: { message: string }[] }>('POST', `${at}/balls`, {
      json: { balls: [ball(72)] },
    });
    expect([refused.status, refused.body.error[0]!.message]).toEqual([
      400,
      expect.stringContaining('was deleted from the roster'),
    ]);
    expect((await answerOf('POST', `/api/players/${player}/restore`)).status).toBe(200);
    const taken = await answerOf('POST', `${at}/balls`, { json: { balls: [ball(72)] } });
    expect(taken.status).toBe(200);
  });

  test('a lesson that was deleted is not saved until it is brought back', async () => {
    expect((await ask('DELETE', at)).status).toBe(204);
    const refused = await answerOf<{ error: { message: string }[] }>('PUT', at, {
      json: planFor(player),
    });
    expect([refused.status, refused.body.error[0]!.message]).toEqual([
      400,
      expect.stringContaining('was deleted'),
    ]);
    expect((await ask('POST', `${at}/restore`)).status).toBe(200);
    expect((await ask('PUT', at, { json: planFor(player) })).status).toBe(200);
  });
});
