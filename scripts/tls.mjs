/* TLS before the server: a certificate that is made once for this machine's names, or one that is given, and every request passed on. */
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import http from 'node:http';
import https from 'node:https';
import os from 'node:os';
import path from 'node:path';
import { X509Certificate } from 'node:crypto';

const DAYS = 365;
const DAY_MS = 24 * 3600 * 1000;

/** Names and addresses under which this machine may be asked. */
function namesHere(host) {
  const addresses = Object.values(os.networkInterfaces())
    .flat()
    .map((each) => each.address.replace(/%.*$/, ''));
  return [...new Set(['localhost', os.hostname(), '127.0.0.1', '::1', host, ...addresses])];
}

const isAddress = (name) => /^[\d.]+$/.test(name) || name.includes(':');

/** True for a certificate that still stands for all of these names for a month. */
function stands(cert, names) {
  const { validTo, subjectAltName = '' } = new X509Certificate(cert);
  const long = new Date(validTo).getTime() - Date.now() > 30 * DAY_MS;
  const known = subjectAltName.split(', ').map((each) => each.replace(/^[^:]+:/, '').toLowerCase());
  const plain = (name) => (name.includes(':') ? null : name.toLowerCase());
  return long && names.every((name) => plain(name) === null || known.includes(plain(name)));
}

/**
 * The certificate and its key: those of MELLOW_TLS_CERT and MELLOW_TLS_KEY, else one that this machine signed itself, kept in the data
 * folder and made anew when it is over or the machine has other addresses.
 */
export async function certificateFor(folder, host) {
  const { MELLOW_TLS_CERT, MELLOW_TLS_KEY } = process.env;
  if (MELLOW_TLS_CERT || MELLOW_TLS_KEY) {
    if (!MELLOW_TLS_CERT || !MELLOW_TLS_KEY)
      throw new Error('MELLOW_TLS_CERT and MELLOW_TLS_KEY go together: a certificate and its key.');
    return { cert: readFileSync(MELLOW_TLS_CERT), key: readFileSync(MELLOW_TLS_KEY), own: false };
  }
  const kept = path.join(folder, 'tls');
  const [certFile, keyFile] = ['cert.pem', 'key.pem'].map((name) => path.join(kept, name));
  const names = namesHere(host).filter((name) => !['0.0.0.0', '::'].includes(name));
  if (existsSync(certFile) && existsSync(keyFile) && stands(readFileSync(certFile), names)) {
    return { cert: readFileSync(certFile), key: readFileSync(keyFile), own: true };
  }
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Mellow Divot on this network' }], {
    notAfterDate: new Date(Date.now() + DAYS * DAY_MS),
    keySize: 2048,
    algorithm: 'sha256',
    extensions: [
      { name: 'basicConstraints', cA: false, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) =>
          isAddress(name) ? { type: 7, ip: name } : { type: 2, value: name },
        ),
      },
    ],
  });
  mkdirSync(kept, { recursive: true, mode: 0o700 });
  writeFileSync(certFile, made.cert);
  writeFileSync(keyFile, made.private, { mode: 0o600 });
  chmodSync(keyFile, 0o600);
  return { cert: made.cert, key: made.private, own: true };
}

/** What concerns one stretch of the way alone is not passed on. */
const OF_THE_WAY = ['connection', 'keep-alive', 'transfer-encoding', 'upgrade'];

/** Ways to agree on a key that nobody learns later from the certificate's own (Mozilla, Server Side TLS, "intermediate"). */
const FORWARD_SECRET = {
  minVersion: 'TLSv1.2',
  ciphers: [
    'TLS_AES_128_GCM_SHA256:TLS_AES_256_GCM_SHA384:TLS_CHACHA20_POLY1305_SHA256',
    'ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-RSA-AES128-GCM-SHA256',
    'ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-RSA-AES256-GCM-SHA384',
    'ECDHE-ECDSA-CHACHA20-POLY1305:ECDHE-RSA-CHACHA20-POLY1305',
  ].join(':'),
};

/** Browsers come back encrypted for a year; not where the certificate is one that they are asked to trust each time. */
const COME_BACK = { 'strict-transport-security': 'max-age=31536000' };

/** Serves TLS on host and port, and passes everything on to the server behind it, as it comes and as it goes. */
export function tlsBefore({ cert, key, own }, host, port, behind) {
  const server = https.createServer({ ...FORWARD_SECRET, cert, key }, (request, response) => {
    const headers = { ...request.headers };
    headers['x-forwarded-proto'] = 'https';
    headers['x-forwarded-for'] = request.socket.remoteAddress ?? '';
    const passed = http.request(
      { host: '127.0.0.1', port: behind, method: request.method, path: request.url, headers },
      (answer) => {
        const said = Object.entries(answer.headers).filter(([name]) => !OF_THE_WAY.includes(name));
        response.writeHead(answer.statusCode, {
          ...Object.fromEntries(said),
          ...(own ? {} : COME_BACK),
        });
        response.flushHeaders();
        answer.pipe(response);
      },
    );
    passed.on('error', () => {
      if (!response.headersSent) response.writeHead(502, { 'content-type': 'text/plain' });
      response.end('The server behind this does not answer yet. Try again in a moment.');
    });
    response.on('close', () => passed.destroy());
    request.pipe(passed);
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(Number(port), host, () => resolve(server));
  });
}
