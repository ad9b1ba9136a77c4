import { fact } from '@/core/ground/fact/fact';
import { check, faulty } from '@/core/contract/check/fault';
import {
  exactObject,
  patternField,
  required,
  textField,
  wordField,
  type Of,
} from '@/core/contract/check/fields';

/** Roles of those who sign in, the one that may do most first. */
export const ROLES = ['head-coach', 'coach', 'assistant'] as const;
export type Role = (typeof ROLES)[number];

const signInField = patternField(/^[a-z0-9][a-z0-9._-]{1,39}$/, fact('account.signInName'));

/** A passphrase of the fewest and the most characters. */
export const PASSPHRASE = [10, 200] as const;
const passphraseField = textField(...PASSPHRASE);

const accountSchema = exactObject({
  sign_in: required(signInField),
  name: required(textField(1, 80)),
  role: required(wordField(ROLES)),
});

const newAccountSchema = exactObject({
  sign_in: required(signInField),
  name: required(textField(1, 80)),
  role: required(wordField(ROLES)),
  passphrase: required(passphraseField),
});

/** Somebody who may sign in. */
export type AccountRecord = Of<typeof accountSchema>;
export type NewAccount = Of<typeof newAccountSchema>;

/** Refuses a passphrase that says the name under which one signs in. */
function refuseObvious({ sign_in, passphrase }: { sign_in: string; passphrase: string }): void {
  const said = passphrase.toLowerCase();
  if (said.includes(sign_in) && sign_in.length >= 4) {
    throw faulty('passphrase', fact('account.passphraseHoldsName'));
  }
  if (new Set(said).size < 4) {
    throw faulty('passphrase', fact('account.passphraseTooPlain'));
  }
}

/** Checks a new account from outside. @throws FaultyInput naming every field that is wrong and what is allowed */
export function readNewAccount(input: unknown): NewAccount {
  const account = check(newAccountSchema, input);
  refuseObvious(account);
  return account;
}

/** Checks a change of an account from outside; a passphrase is not part of it. @throws FaultyInput */
export const readAccount = (input: unknown): AccountRecord => check(accountSchema, input);

/** Checks a new passphrase for an account. @throws FaultyInput */
export function readPassphrase(input: unknown, sign_in: string): string {
  const { passphrase } = check(exactObject({ passphrase: required(passphraseField) }), input);
  refuseObvious({ sign_in, passphrase });
  return passphrase;
}

/** An account as it is listed. */
export interface ListedAccount extends AccountRecord {
  id: string;
  /** When anything was last done with it, ISO; null for never. */
  usedAt: string | null;
  /** Browsers that are signed in. */
  sessions: number;
}
