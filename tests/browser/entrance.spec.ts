import { spawnSync, type ChildProcess } from 'node:child_process';
import { cpSync } from 'node:fs';
import type { Browser } from '@playwright/test';
import { fitsAcross, passesAxe } from './helpers';
import { addressOf, inFolder, serve, serving, type Served } from './server';
import { awake, expect, test, type Page } from './test';

/** A page that is told of balls looks itself once a minute: what comes sooner came by the line. How soon, the bench says. */
const SOON_MS = 30_000;

const SECRET = 'rake after every ball';
const OWN = 'splash it and rake again';
const INES = '/players/ines-okafor';
const PRACTICE = '5a17a0e5-0000-4000-8000-0000000000a1';
const GROUND_LESSON = '/lessons/5a17a0e5-0000-4000-8000-000000000004';

const HEAD = ['ana', 'Ana Lind', 'head-coach'] as const;

const OTHERS = [
  ['cora', 'Cora Berg', 'coach'],
  ['dov', 'Dov Hale', 'coach'],
  ['hal', 'Hal Moss', 'assistant'],
] as const;

/** Adds somebody who may sign in, by the command. */
function account(data: string, [signIn, name, role]: readonly [string, string, string]): void {
  const args = [
    '--import',
    'tsx',
    'src/cli/account.ts',
    'add',
    '--sign-in',
    signIn,
    '--name',
    name,
  ];
  const { status, stderr } = spawnSync(process.execPath, [...args, '--role', role], {
    env: { ...process.env, MELLOW_DATA: data },
    input: `${SECRET}\n`,
    encoding: 'utf8',
  });
  expect([status, stderr]).toEqual([0, expect.any(String)]);
}

/** A server of its own where whoever comes signs in, and its head coach in a browser, signed in. */
interface Academy {
  base: string;
  browser: Browser;
  page: Page;
}

const status = async ({ base }: Academy, page: Page, path: string): Promise<number> =>
  (await page.request.get(`${base}${path}`, { maxRedirects: 0 })).status();

/** Fills in the page that asks who comes. */
async function signIn(page: Page, name: string, passphrase = SECRET): Promise<void> {
  await page.getByLabel('Sign-in name').fill(name);
  await page.getByLabel('Passphrase').fill(passphrase);
  await page.getByRole('button', { name: 'Sign in' }).click();
}

/** Fills in the page that asks for a passphrase of one's own. */
async function choosePassphrase(page: Page, soFar: string, fresh: string): Promise<void> {
  await page.getByLabel('Passphrase so far').fill(soFar);
  await page.getByLabel(/^New passphrase/).fill(fresh);
  await page.getByLabel('The new one again').fill(fresh);
  await page.getByRole('button', { name: 'Change the passphrase' }).click();
}

/** Those who have changed the passphrase that they were given, at each academy. */
const owners = new Set<string>();

/** A browser of their own, signed in; the first time with a passphrase of one's own. */
async function signedIn({ base, browser }: Academy, name: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(`${base}/lessons`);
  const owner = `${base} ${name}`;
  await signIn(page, name, owners.has(owner) ? OWN : SECRET);
  if (!owners.has(owner)) {
    await choosePassphrase(page, SECRET, OWN);
    owners.add(owner);
  }
  await awake(page);
  await expect(page.getByRole('button', { name: /^Signed in as/ })).toBeVisible();
  return page;
}

/** A phone that nobody is signed in with. */
const aPhone = async ({ browser }: Academy): Promise<Page> =>
  (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();

/** Opens what is told about who sees a player. */
async function sharing({ base }: Academy, page: Page): Promise<void> {
  await page.goto(`${base}${INES}`);
  await awake(page);
  await page.getByText('Coaches and the player’s own link').click();
  await expect(page.getByRole('group', { name: 'Coaches' })).toBeVisible();
}

/** Does something at an academy with a head coach, two coaches and an assistant; `before` with nobody signed in yet. */
const atAcademy = (
  name: Served,
  browser: Browser,
  work: (academy: Academy) => Promise<void>,
  before: (academy: Academy) => Promise<void> = async () => undefined,
): Promise<void> =>
  inFolder(name, async (data) => {
    let server: ChildProcess | null = null;
    try {
      if (process.env.MELLOW_SEEDED) cpSync(process.env.MELLOW_SEEDED, data, { recursive: true });
      account(data, HEAD);
      server = serve(name, data, { MELLOW_SIGN_IN: '1' });
      const page = await (await browser.newContext()).newPage();
      const academy = { base: addressOf(name), browser, page };
      await expect.poll(() => status(academy, page, '/api/players').catch(() => 0)).toBe(401);
      await before(academy);
      await page.goto(`${academy.base}/players?archived=1`);
      await signIn(page, 'ana');
      await expect(page).toHaveURL(`${academy.base}/players?archived=1`);
      for (const [sign_in, who, role] of OTHERS) {
        const record = { sign_in, name: who, role, passphrase: SECRET };
        const added = await page.request.post(`${academy.base}/api/accounts`, { data: record });
        expect(added.status()).toBe(201);
      }
      await work(academy);
    } finally {
      owners.clear();
      server?.kill('SIGKILL');
    }
  });

/** Nobody: asked, told when wrong, what was typed is kept; a header that a server might be asked to believe changes nothing. */
async function nobodySees(academy: Academy): Promise<void> {
  const { base, page } = academy;
  await page.goto(`${base}/players?archived=1`);
  await passesAxe(page);
  await signIn(page, 'ana', 'not this one');
  await expect(page.getByRole('alert')).toContainText('do not match');
  await expect(page.getByLabel('Sign-in name')).toHaveValue('ana');
  for (const path of ['/', '/players', '/api/players/export', `/p/${'x'.repeat(43)}`]) {
    expect([401, 404]).toContain(await status(academy, page, path));
  }
  // A header that a server might be asked to believe changes nothing.
  const forged = await page.request.get(`${base}/api/players`, {
    headers: {
      'x-mellow-asking': 'eyJyb2xlIjoiaGVhZC1jb2FjaCJ9.x',
      'x-middleware-subrequest': 'src/proxy:src/proxy:src/proxy:src/proxy:src/proxy',
    },
  });
  expect(forged.status()).toBe(401);
}

test('nobody sees anything before they sign in; coaches see their own players, and share them', ({
  browser,
}) =>
  atAcademy(
    'entrance',
    browser,
    async (academy) => {
      const { base, page } = academy;
      await page.reload();
      await expect(page.getByRole('button', { name: 'Signed in as Ana Lind' })).toBeVisible();

      // The head coach makes Ines a player of Cora's alone.
      await sharing(academy, page);
      await page.getByLabel('Cora Berg').check();
      await expect(
        page.getByText('Only these coaches and head coaches see this player.'),
      ).toBeVisible();

      const cora = await signedIn(academy, 'cora');
      const dov = await signedIn(academy, 'dov');
      for (const [who, sees] of [
        [cora, 200],
        [dov, 404],
      ] as const) {
        expect(await status(academy, who, INES)).toBe(sees);
        expect(await status(academy, who, `/api${INES}`)).toBe(sees);
        expect(await status(academy, who, `/api${INES}/export`)).toBe(sees);
        expect(await status(academy, who, `/api${INES}/links`)).toBe(sees);
        const roster = await (await who.request.get(`${base}/api/players/export?as=json`)).text();
        expect(roster.includes('Ines Okafor')).toBe(sees === 200);
        expect(roster).toContain('Tomas Reinholt');
        for (const closed of ['/coaches', '/api/accounts', '/api/backups']) {
          expect(await status(academy, who, closed)).toBe(403);
        }
        const erased = await who.request.post(`${base}/api${INES}/erase`, { data: { words: [] } });
        expect(erased.status()).toBe(403);
      }
      // Cora lets Dov in, too.
      await sharing(academy, cora);
      await cora.getByLabel('Dov Hale').check();
      await expect.poll(() => status(academy, dov, INES)).toBe(200);
    },
    nobodySees,
  ));

test('a coach changes the passphrase that was given before anything else is open, and any day after', ({
  browser,
}) =>
  atAcademy('changing', browser, async ({ base }) => {
    const page = await (await browser.newContext()).newPage();
    await page.goto(`${base}/players`);
    await signIn(page, 'cora');
    await expect(page.getByText('Somebody else gave you this passphrase.')).toBeVisible();
    await passesAxe(page);
    const asked = await page.request.get(`${base}/api/players`);
    expect([asked.status(), await asked.text()]).toEqual([
      403,
      expect.stringContaining('changed the passphrase you were given'),
    ]);
    await choosePassphrase(page, 'not this one', OWN);
    await expect(page.getByRole('alert')).toHaveText('That is not your passphrase so far.');
    await choosePassphrase(page, SECRET, OWN);
    await expect(page).toHaveURL(`${base}/players`);
    await awake(page);
    await page.getByRole('button', { name: /^Signed in as/ }).click();
    await page.getByRole('menuitem', { name: 'Change your passphrase' }).click();
    await choosePassphrase(page, OWN, `${OWN}, twice`);
    await expect(page).toHaveURL(`${base}/players`);
    const again = await (await browser.newContext()).newPage();
    await again.goto(`${base}/players`);
    await signIn(again, 'cora', OWN);
    await expect(again.getByRole('alert')).toContainText('do not match');
    await signIn(again, 'cora', `${OWN}, twice`);
    await expect(again.getByRole('button', { name: /^Signed in as/ })).toBeVisible();
  }));

test('an assistant runs open lessons alone, and a phone that is brought to one sees that', ({
  browser,
}) =>
  atAcademy('assisted', browser, async (academy) => {
    const { base, page } = academy;
    // The assistant runs open lessons, and nothing else.
    const hal = await signedIn(academy, 'hal');
    await expect(hal.getByRole('navigation', { name: 'Rooms' }).getByRole('link')).toHaveText([
      'Lessons',
    ]);
    await expect(hal.getByRole('button', { name: 'Plan a lesson' })).toHaveCount(0);
    for (const closed of [
      '/players',
      '/api/players',
      '/api/players/export',
      INES,
      `${GROUND_LESSON}/plan`,
      '/deleted',
    ]) {
      expect([closed, await status(academy, hal, closed)]).toEqual([closed, 403]);
    }
    expect(await status(academy, hal, '/lessons/5a17a0e5-0000-4000-8000-000000000002')).toBe(404);
    await hal.goto(`${base}${GROUND_LESSON}`);
    await hal.getByRole('button', { name: 'thin', exact: true }).click();
    await expect(hal.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
    expect(await hal.content()).not.toContain('Quits on the ones under a high face');

    // A phone is brought to the lesson by its code, once; balls stand on the other device long before it would look itself.
    await page.goto(`${base}${GROUND_LESSON}`);
    await awake(page);
    await page.getByRole('button', { name: 'Take it to the bunker' }).click();
    const dialog = page.getByRole('dialog');
    await passesAxe(page);
    const said = await dialog.getByRole('img').getAttribute('aria-label');
    const address = said!.replace('Code for ', '');
    await page.keyboard.press('Escape');
    const phone = await aPhone(academy);
    await phone.goto(address);
    await passesAxe(phone);
    await phone.getByRole('button', { name: 'Open the lesson here' }).click();
    await expect(phone).toHaveURL(`${base}${GROUND_LESSON}`);
    await expect(phone.getByRole('button', { name: 'thin', exact: true })).toBeVisible();
    for (const closed of ['/players', '/lessons/5a17a0e5-0000-4000-8000-000000000001']) {
      expect([403, 404]).toContain(await status(academy, phone, closed));
    }
    await expect(page.getByText(/1 of 8 balls/)).toBeVisible();
    await phone.getByRole('button', { name: 'heavy', exact: true }).click();
    await expect(phone.getByText(/2 of 8 balls · all balls saved/)).toBeVisible();
    await expect(page.getByText(/2 of 8 balls/)).toBeVisible({ timeout: SOON_MS });
    await phone.getByRole('button', { name: 'Undo last ball' }).click();
    await expect(phone.getByText(/1 of 8 balls · all balls saved/)).toBeVisible();
    await expect(page.getByText(/1 of 8 balls/)).toBeVisible({ timeout: SOON_MS });
    await hal.goto(address);
    await hal.getByRole('button', { name: 'Open the lesson here' }).click();
    await expect(hal.getByRole('alert')).toContainText('This code has been used or has run out.');
  }));

test('a player’s link shows the player’s own until it is withdrawn; sessions end, and tries are counted', ({
  browser,
}) =>
  atAcademy('linked', browser, async (academy) => {
    const { base, page } = academy;
    const [cora, dov] = [await signedIn(academy, 'cora'), await signedIn(academy, 'dov')];
    expect((await cora.request.get(`${base}/api/players/export?as=json`)).status()).toBe(200);
    await sharing(academy, page);
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = await page.getByLabel(/^Copy it now/).inputValue();

    // The player's link: her own, and nothing of anybody else or of the coach's notes.
    const ines = await aPhone(academy);
    await ines.goto(link);
    await expect(ines.getByRole('heading', { name: 'Ines Okafor' })).toBeVisible();
    await expect(ines.getByRole('heading', { name: 'Progress' })).toBeVisible();
    await passesAxe(ines);
    await fitsAcross(ines);
    const shown = await ines.content();
    for (const hidden of ['Tomas', 'Reinholt', 'Marguerite', 'Quits on'])
      expect(shown).not.toContain(hidden);
    const sheet = await ines.request.get(`${link}/practice/${PRACTICE}`);
    expect(sheet.headers()['content-type']).toBe('application/pdf');
    expect((await ines.request.post(link)).status()).toBe(404);
    expect(await status(academy, ines, '/players')).toBe(401);
    expect(await status(academy, ines, `/api${INES}`)).toBe(401);
    await sharing(academy, page);
    await page.getByRole('button', { name: 'Withdraw it' }).first().click();
    await expect.poll(async () => (await ines.request.get(link)).status()).toBe(404);
    await ines.goto(link);
    await expect(ines.getByText('Ask your coach for a new one')).toBeVisible();

    // A session that is ended, and one that is signed out, are over at once.
    await page.goto(`${base}/coaches`);
    await awake(page);
    await passesAxe(page);
    await expect(page.getByText('exported the players').first()).toBeVisible();
    // What dov's browser is told of a lesson as it happens ends with it.
    const lines = dov.evaluate(async (at) => {
      const reader = (await fetch(at)).body!.getReader();
      while (!(await reader.read()).done);
      return 'ended';
    }, `/api${GROUND_LESSON}/events`);
    await page
      .getByRole('listitem')
      .filter({ hasText: 'Dov Hale' })
      .getByRole('button', { name: 'Sign this device out' })
      .click();
    await expect.poll(() => status(academy, dov, '/api/players')).toBe(401);
    expect(await lines).toBe('ended');
    const held = (await page.context().cookies()).find(({ name }) => name === 'mellow-session')!;
    await page.getByRole('button', { name: 'Signed in as Ana Lind' }).click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    await expect(page.getByLabel('Sign-in name')).toBeVisible();
    await page.context().addCookies([held]);
    expect(await status(academy, page, '/api/players')).toBe(401);

    // Too many tries: the right one is not looked at either.
    for (let i = 0; i < 8; i++) {
      await page.request.post(`${base}/enter`, {
        form: { name: 'cora', passphrase: `guess ${i}` },
      });
    }
    const late = await page.request.post(`${base}/enter`, {
      form: { name: 'cora', passphrase: SECRET },
      maxRedirects: 0,
    });
    expect(late.status()).toBe(429);
    expect(await late.text()).toContain('Too many tries');
    // Whoever is in stays in.
    expect(await status(academy, cora, '/api/players')).toBe(200);
  }));

test('where the server serves this machine alone a phone is not promised anything', async ({
  page,
}) => {
  await page.goto(GROUND_LESSON);
  await page.getByRole('button', { name: 'Take it to the bunker' }).click();
  await expect(page.getByRole('dialog')).toContainText('Phones cannot reach this server');
  await expect(page.getByRole('dialog')).toContainText('MELLOW_HOST=0.0.0.0 npm start');
});

test('accounts are added, changed and removed on the page; the last head coach is not', async ({
  page,
}) => {
  await page.goto('/coaches');
  await expect(
    page.getByText('Nobody yet. Nobody needs to sign in on this machine.'),
  ).toBeVisible();
  await passesAxe(page);
  await page.getByRole('button', { name: 'Add somebody' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name', { exact: true }).fill('Ana Lind');
  await dialog.getByLabel('Sign-in name').fill('Ana Lind');
  await dialog.getByLabel(/^Passphrase/).fill('short');
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(dialog.getByText(/Sign-in name must be 2 to 40 lower-case letters/)).toBeVisible();
  await expect(dialog.getByText(/must be text of 10 to 200 characters/)).toBeVisible();
  await passesAxe(page);
  await dialog.getByLabel('Sign-in name').fill('ana');
  await dialog.getByLabel(/^Passphrase/).fill(SECRET);
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('cell', { name: /^head coach/ })).toBeVisible();
  await page.getByRole('button', { name: 'Remove Ana Lind' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Remove Ana Lind' }).click();
  await expect(page.getByText('must leave at least one head coach')).toBeVisible();
  await page.getByRole('button', { name: 'Add somebody' }).click();
  await dialog.getByLabel('Name', { exact: true }).fill('Hal Moss');
  await dialog.getByLabel('Sign-in name').fill('hal');
  await dialog.getByLabel('Role').selectOption('assistant');
  await dialog.getByLabel(/^Passphrase/).fill(SECRET);
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('row', { name: /Hal Moss/ })).toBeVisible();
  await page.getByRole('button', { name: 'New passphrase for Hal Moss' }).click();
  await dialog.getByLabel(/^Passphrase/).fill('aaaaaaaaaaaa');
  await dialog.getByRole('button', { name: 'Change the passphrase' }).click();
  await expect(dialog.getByText(/must have more than three different/)).toBeVisible();
  await dialog.getByLabel(/^Passphrase/).fill('a whole new sentence');
  await dialog.getByRole('button', { name: 'Change the passphrase' }).click();
  await page.getByRole('button', { name: 'Remove Hal Moss' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Remove Hal Moss' }).click();
  await expect(page.getByRole('row', { name: /Hal Moss/ })).toHaveCount(0);
  await fitsAcross(page);
});

test('a server that is opened to a network without a head coach does not start, and says why', () =>
  inFolder('open', async (data) => {
    const env = { ...process.env, MELLOW_DATA: data, MELLOW_HOST: '0.0.0.0' };
    const { status: code, stderr } = spawnSync(process.execPath, serving('open', '0.0.0.0'), {
      env,
      timeout: 60_000,
      encoding: 'utf8',
    });
    expect(stderr).toContain('MELLOW_HOST=0.0.0.0 opens every player and lesson');
    expect(stderr).toContain('npm run -s account -- add');
    expect(code).toBe(3);
  }));
