import { fact } from '@/core/ground/fact/fact';
import { FaultyInput } from '@/core/contract/check/fault';
import { notFound, refuse, withJson } from '@/app/api/respond';

const post = (body: string, type = 'application/json'): Request =>
  new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });

const echo = (body: unknown): Response => Response.json(body);

test('a JSON body is handed on', async () => {
  const response = await withJson(post('{"a":[1,2]}'), echo);
  expect([response.status, await response.json()]).toEqual([200, { a: [1, 2] }]);
});

test('a character set beside the type is no matter', async () => {
  expect((await withJson(post('{}', 'Application/JSON; charset=utf-8'), echo)).status).toBe(200);
});

test.each([
  ['another type', post('a=1', 'application/x-www-form-urlencoded'), 415],
  ['no JSON', post('{"a":'), 400],
  ['no body', post(''), 400],
  ['a body that is too large', post(JSON.stringify('x'.repeat(262_200))), 413],
])('%s is refused', async (_, request, status) => {
  const response = await withJson(request, echo);
  expect(response.status).toBe(status);
  const { error } = (await response.json()) as { error: { path: string; message: string }[] };
  expect(error[0]!.path).toBeTruthy();
  expect(error[0]!.message).toBeTruthy();
});

test('a body of just the size is read', async () => {
  const response = await withJson(post(JSON.stringify('x'.repeat(262_142))), () => echo('ok'));
  expect(response.status).toBe(200);
});

test('faults become a refusal, anything else is not swallowed', async () => {
  const fault = { path: 'shot', message: fact('check.required') };
  const refused = await withJson(post('{}'), () => {
    throw new FaultyInput([fault]);
  });
  expect([refused.status, await refused.json()]).toEqual([
    400,
    { error: [{ path: 'shot', message: 'is required' }] },
  ]);
  const broken = withJson(post('{}'), () => {
    throw new Error('broken');
  });
  await expect(broken).rejects.toThrow('broken');
});

test('what is not there is said so', async () => {
  expect(notFound().status).toBe(404);
  expect(await refuse(400, []).json()).toEqual({ error: [] });
});
