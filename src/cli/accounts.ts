import { errorWords, faultWords } from '@/core/tell/facts/faultWords';
import { parseArgs } from 'node:util';
import readline from 'node:readline/promises';
import { FaultyInput } from '@/core/contract/check/fault';
import { readNewAccount, readPassphrase } from '@/core/lesson/coaches/account';
import { addAccount, changePassphrase, endAccount, listAccounts } from '@/data/access/accounts';
import { openDatabase } from '@/data/database';
import type { Database } from '@/data/opening/database';
import { cannotOpen } from '@/data/opening/cannotOpen';

const USAGE = `usage: npm run -s account -- list
       npm run -s account -- add --sign-in NAME --name "FULL NAME" --role head-coach|coach|assistant
       npm run -s account -- passphrase --sign-in NAME
       npm run -s account -- remove --sign-in NAME
  who may sign in where the server is opened to a network. The passphrase is asked for, or is the first line of what comes
  in. While the server runs, use "Coaches and sign-in" in the academy's settings.`;

const say = (text: string): void => void process.stdout.write(`${text}\n`);
const complain = (text: string): void => void process.stderr.write(`${text}\n`);

/** The first line of what comes in; asked for where somebody sits there. */
async function firstLine(input: NodeJS.ReadableStream, asks: boolean): Promise<string> {
  const lines = readline.createInterface({ input });
  if (asks) process.stderr.write('Passphrase, 10 characters or more (it is seen as you type): ');
  for await (const line of lines) {
    lines.close();
    return line;
  }
  return '';
}

interface Options {
  'sign-in'?: string;
  name?: string;
  role?: string;
}

type Work = (
  database: Database,
  options: Options,
  passphrase: () => Promise<string>,
) => Promise<number>;

/** The id of an account by its name for signing in; null, and said, when there is none. */
async function idOf({ sql }: Database, signIn = ''): Promise<string | null> {
  const found = (await listAccounts(sql)).find(({ sign_in }) => sign_in === signIn);
  if (!found) complain(`Nobody signs in as "${signIn}".`);
  return found?.id ?? null;
}

const WORKS: Readonly<Record<string, Work>> = {
  list: async ({ sql }) => {
    const accounts = await listAccounts(sql);
    for (const { sign_in, role, name } of accounts) say([sign_in, role, name].join('\t'));
    if (accounts.length === 0) complain('Nobody may sign in yet.');
    return 0;
  },
  add: async ({ sql }, { 'sign-in': sign_in, name, role }, passphrase) => {
    const account = readNewAccount({ sign_in, name, role, passphrase: await passphrase() });
    await addAccount(sql, account, null);
    say(`${account.sign_in} may sign in as ${account.role}.`);
    return 0;
  },
  passphrase: async (database, { 'sign-in': signIn }, passphrase) => {
    const id = await idOf(database, signIn);
    if (id === null) return 1;
    await changePassphrase(
      database.sql,
      id,
      readPassphrase({ passphrase: await passphrase() }, signIn!),
      null,
    );
    say('The passphrase is changed; every device is signed out.');
    return 0;
  },
  remove: async (database, { 'sign-in': signIn }) => {
    const id = await idOf(database, signIn);
    if (id === null) return 1;
    await endAccount(database.sql, id, null);
    say(`${signIn} cannot sign in any more.`);
    return 0;
  },
};

/** What was asked for; null for a line that is none. */
function asked(args: readonly string[]): { work: Work; options: Options } | null {
  try {
    const text = { type: 'string' } as const;
    const { values, positionals } = parseArgs({
      args: [...args],
      options: { 'sign-in': text, name: text, role: text },
      allowPositionals: true,
    });
    const work = positionals.length === 1 ? WORKS[positionals[0]!] : undefined;
    return work ? { work, options: values } : null;
  } catch {
    return null;
  }
}

/**
 * Lists, adds and removes who may sign in. Gives back the exit status: 1 where there is no such account, 2 for a wrong line or a faulty
 * account, 3 where the data folder cannot be opened.
 */
export async function accounts(
  args: readonly string[],
  input: NodeJS.ReadableStream & { isTTY?: boolean } = process.stdin,
): Promise<number> {
  const wanted = asked(args);
  if (!wanted) {
    complain(USAGE);
    return 2;
  }
  try {
    const database = await openDatabase();
    try {
      return await wanted.work(database, wanted.options, () =>
        firstLine(input, Boolean(input.isTTY)),
      );
    } finally {
      await database.close();
    }
  } catch (error) {
    if (error instanceof FaultyInput) {
      complain(faultWords(error.faults));
      return 2;
    }
    if (cannotOpen(error)) {
      complain(errorWords(error));
      return 3;
    }
    throw error;
  }
}
