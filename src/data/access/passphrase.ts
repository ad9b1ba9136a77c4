import { Refusal } from '@/core/contract/check/refusal';
import { fact } from '@/core/ground/fact/fact';
import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { promisify } from 'node:util';
import PQueue from 'p-queue';
import { LOG_N } from './scryptCost';

const derive = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);

const BLOCK = 8;
const PARALLEL = 1;
const KEY = 32;
const SALT = 16;

/** One at a time, and so many that may wait: each takes much memory. */
const line = new PQueue({ concurrency: 1 });
const MOST_WAITING = 20;

/** Said where too many sign in at once. */
export class TooManyAtOnce extends Refusal {
  constructor() {
    super(fact('account.tooManySigningIn'), 'passphrase', 503);
  }
}

const keyOf = (passphrase: string, salt: Buffer, logN = LOG_N): Promise<Buffer> => {
  if (line.size >= MOST_WAITING) throw new TooManyAtOnce();
  const cost = { N: 2 ** logN, r: BLOCK, p: PARALLEL };
  return line.add(() =>
    derive(passphrase.normalize('NFKC'), salt, KEY, { ...cost, maxmem: 2 ** (logN + 11) }),
  );
};

/** What is kept of a passphrase: the cost, a salt of its own, and what scrypt makes of both. @throws TooManyAtOnce */
export async function hashed(passphrase: string): Promise<string> {
  const salt = randomBytes(SALT);
  const key = await keyOf(passphrase, salt);
  return ['scrypt', LOG_N, salt.toString('hex'), key.toString('hex')].join('$');
}

/** True for the passphrase that was kept so; as slow for a wrong one. @throws TooManyAtOnce */
export async function isPassphrase(said: string, kept: string): Promise<boolean> {
  const [kind, logN, salt, key] = kept.split('$');
  if (kind !== 'scrypt' || !logN || !salt || !key) return false;
  const made = await keyOf(said, Buffer.from(salt, 'hex'), Number(logN));
  const wanted = Buffer.from(key, 'hex');
  return made.length === wanted.length && timingSafeEqual(made, wanted);
}

/** What is compared with where there is no such account, so that nobody learns that from the time it takes. */
export const NOBODYS = ['scrypt', LOG_N, '00'.repeat(SALT), 'ff'.repeat(KEY)].join('$');
