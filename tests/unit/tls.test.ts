import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';

/* TLS before the server, in a process of its own as it is used. */

const SCRIPT = `
import http from 'node:http';
import https from 'node:https';
import { certificateFor, tlsBefore } from './scripts/tls.mjs';
const made = await certificateFor(process.env.FOLDER, '127.0.0.1');
const again = await certificateFor(process.env.FOLDER, '127.0.0.1');
const seen = [];
const inner = http.createServer((request, response) => {
  let body = '';
  request.on('data', (part) => (body += part));
  request.on('end', () => {
    seen.push({ url: request.url, host: request.headers.host, proto: request.headers['x-forwarded-proto'], from: request.headers['x-forwarded-for'], body });
    response.writeHead(201, { 'content-type': 'text/event-stream', 'set-cookie': ['a=1', 'b=2'] });
    response.write('first');
    setTimeout(() => response.end('second'), 1500);
  });
});
await new Promise((resolve) => inner.listen(0, '127.0.0.1', resolve));
const outer = await tlsBefore(made, '127.0.0.1', 0, inner.address().port);
const { port } = outer.address();
const ask = (options, body = '') => new Promise((resolve, reject) => {
  const begun = Date.now();
  const request = https.request({ host: '127.0.0.1', servername: 'localhost', port, path: '/api/x?y=1', method: 'POST', headers: { host: 'divot.test:1', 'x-forwarded-for': 'forged' }, ...options }, (response) => {
    let text = '', first = null;
    response.on('data', (part) => { first ??= Date.now() - begun; text += part; });
    response.on('end', () => resolve({ status: response.statusCode, cookies: response.headers['set-cookie'], back: response.headers['strict-transport-security'] ?? null, text, first, last: Date.now() - begun }));
  });
  request.on('error', reject);
  request.end(body);
});
const answered = await ask({ ca: made.cert }, 'hello');
const distrusted = await ask({}).catch((error) => error.code);
const keyless = await ask({ ca: made.cert, maxVersion: 'TLSv1.2', ciphers: 'AES128-GCM-SHA256' }).catch((error) => error.code);
const older = await ask({ ca: made.cert, maxVersion: 'TLSv1.2' });
const given = await tlsBefore({ ...made, own: false }, '127.0.0.1', 0, inner.address().port);
const back = await ask({ ca: made.cert, port: given.address().port });
inner.close();
inner.closeAllConnections();
const away = await ask({ ca: made.cert });
console.log(JSON.stringify({ same: made.cert.toString() === again.cert.toString(), answered, distrusted, seen: seen[0], away: away.status, keyless, older: older.status, back: back.back }));
process.exit(0);
`;

test('what is asked over TLS is passed on as it comes, with whence, and what is answered as it goes', () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'mellow-tls-'));
  try {
    const { stdout, stderr } = spawnSync(
      process.execPath,
      ['--input-type=module', '--eval', SCRIPT],
      { env: { ...process.env, FOLDER: folder }, encoding: 'utf8', timeout: 50_000 },
    );
    expect(stderr).not.toMatch(/Error/);
    const said = JSON.parse(stdout);
    expect(said).toMatchObject({
      same: true,
      distrusted: 'DEPTH_ZERO_SELF_SIGNED_CERT',
      away: 502,
      answered: { status: 201, cookies: ['a=1', 'b=2'], back: null, text: 'firstsecond' },
      // Without forward secrecy nothing is agreed on; TLS 1.2 with it is.
      keyless: 'EPROTO',
      older: 201,
      // A browser is told to come back encrypted where it was given a certificate that stands of itself.
      back: 'max-age=31536000',
      seen: { url: '/api/x?y=1', host: 'divot.test:1', proto: 'https', body: 'hello' },
    });
    // Nobody says from where they come but the wire.
    expect(said.seen.from).toMatch(/127\.0\.0\.1$/);
    // A stream is not held up until its end.
    expect(said.answered.last - said.answered.first).toBeGreaterThan(1000);
    expect(statSync(path.join(folder, 'tls', 'key.pem')).mode & 0o077).toBe(0);
    expect(readFileSync(path.join(folder, 'tls', 'cert.pem'), 'utf8')).toContain('CERTIFICATE');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
