import { mkdtempSync, rmSync } from 'node:fs';
import { request as plain } from 'node:http';
import { request as encrypted, type Server } from 'node:https';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { certificateFor, tlsBefore } from '../../scripts/tls.mjs';
import { MOST, sayBytes } from '../../src/app/api/bounds';
import { DEMO_GROUND, DEMO_LESSON, DEMO_PLAN } from './views';
import { expect, test } from './test';

/* Every route that takes a file reads it whole up to its bound, and says so from the next byte on; so does the short way of balls. Asked as
 * it is, and through the TLS before it. */

const FILES: readonly (readonly [method: string, path: string, most: number, type?: string])[] = [
  ['POST', '/api/players/import', MOST.roster],
  ['POST', '/api/lessons/import', MOST.lesson],
  ['POST', '/api/places/import', MOST.place],
  ['POST', '/api/drills/import', MOST.drills],
  ['POST', `/api${DEMO_PLAN}/import`, MOST.results],
  ['PUT', '/api/academy/file', MOST.academy, 'application/gzip'],
  ['POST', '/api/prescribe', MOST.json],
  ['POST', `/api${DEMO_LESSON}/balls`, MOST.json],
  ['PUT', `/api/places/${DEMO_GROUND.split('/').at(-1)}/picture`, MOST.picture, 'image/png'],
];

/** TLS before the server, and its address. */
let tls: Server;
let folder: string;
test.beforeAll(async ({ baseURL }) => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-bodies-'));
  const certificate = await certificateFor(folder, '127.0.0.1');
  tls = await tlsBefore(certificate, '127.0.0.1', 0, Number(new URL(baseURL!).port));
});
test.afterAll(() => {
  tls.close();
  tls.closeAllConnections();
  rmSync(folder, { recursive: true, force: true });
});
const overTls = (): string => `https://127.0.0.1:${(tls.address() as AddressInfo).port}`;

/** A body of so many bytes that says something of use at its very end alone: what is cut is no JSON. */
const body = (bytes: number): Buffer => {
  const said = '{"at the end":1}';
  return Buffer.from(said.padStart(bytes));
};

interface Answer {
  status: number;
  said: string;
}

/** Sends a body with its length announced, or in pieces of which nobody knows how many come. */
const sent = (
  address: string,
  method: string,
  type: string,
  bytes: Buffer,
  announced: boolean,
): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const headers = {
      'content-type': type,
      ...(announced ? { 'content-length': bytes.byteLength } : { 'transfer-encoding': 'chunked' }),
    };
    const ask = address.startsWith('https:') ? encrypted : plain;
    const asked = ask(address, { method, headers, rejectUnauthorized: false }, (response) => {
      let said = '';
      response.on('data', (part) => (said += String(part)));
      response.on('end', () => resolve({ status: response.statusCode!, said }));
    });
    asked.on('error', reject);
    asked.end(bytes);
  });

for (const [method, at, most, type = 'application/json'] of FILES) {
  test(`${method} ${at} reads ${sayBytes(most)} whole, and no more`, async ({ baseURL }) => {
    for (const [base, announced] of [
      [baseURL!, true],
      [baseURL!, false],
      [overTls(), true],
      [overTls(), false],
    ] as const) {
      const answer = (bytes: number) => sent(`${base}${at}`, method, type, body(bytes), announced);
      for (const bytes of [most - 1, most]) {
        const { status, said } = await answer(bytes);
        expect(status, said).toBe(400);
        expect(said).not.toMatch(/is not JSON|whole/);
      }
      const { status, said } = await answer(most + 1);
      expect(status).toBe(413);
      expect(said).toContain(sayBytes(most));
    }
  });
}

test('a roster of thirteen megabytes is previewed to its last line', async ({ request }) => {
  const lines = 18_000;
  const shoe = 'x'.repeat(700);
  const players = Array.from({ length: lines }, (_, i) => `Player ${i};R;12;${shoe};56 56/12`);
  const roster = ['Name;Hand;HCP;Shoe;Clubs', ...players];
  const preview = await request.post('/api/players/import', {
    headers: { 'content-type': 'text/csv' },
    data: Buffer.from(roster.join('\n')),
  });
  expect((await preview.json()).counts.lines).toBe(lines);
});
