/* On a PostgreSQL server with half a million balls: eight coaches at twenty balls a second each for half a minute, and forty devices that
 * follow one lesson. Twice: with one process, and with two that share the coaches; these are sent 500 balls a second after that, of which none
 * may be refused. */
import { acknowledged, heardBy, quantile } from './bench-balls.mjs';
import { isSmall, printRows, served, started } from './served.mjs';
import { run } from './shared.mjs';
import { asked, serverHere } from './throwAway.mjs';

const PORT = 3221;
const COACHES = 8;
/** When within a twentieth of a second each coach's balls come: drawn once, some near each other. */
const PHASES = [0.11, 0.73, 0.42, 0.97, 0.05, 0.58, 0.31, 0.66];
const SENT = isSmall ? 20 : 600;
/** Balls of each coach before anything is measured: a server that was just started is compiling itself. */
const WARM = isSmall ? 5 : 200;
/** A server as it is usually run, and what docs/server.md advises: files of the log are kept to be used again instead of being made. */
const SETTINGS = {
  autovacuum: 'on',
  min_wal_size: '1GB',
  max_wal_size: '4GB',
  wal_compression: 'on',
};
/** 500 balls a second of all coaches together: far above what an academy sends, to see whether anything is refused. */
const FLOOD_EVERY_MS = (1000 * COACHES) / 500;
const FLOOD = isSmall ? 20 : 625;
const DEVICES = isSmall ? 3 : 40;
const WATCHED = isSmall ? 5 : 30;
const FULL = '00000000-0000-4000-8900-000000000000';
const lessonOf = (coach) => `00000000-0000-4000-8901-${String(coach).padStart(12, '0')}`;

/** Lets the database finish what half a million rows put in at once have left it to do. */
async function settled() {
  const keeper = database.keeper.replace('/postgres?', '/mellow?');
  await asked(keeper, 'vacuum analyze', 'checkpoint');
}

/** A second process of the product on the same database. */
async function second(port, work) {
  const server = await started(port, process.env);
  try {
    return await work(`http://127.0.0.1:${port}`);
  } finally {
    await server.end();
  }
}

/** Times to the acknowledgement of all coaches' balls, ms. */
async function coaches(bases, sample, count, every) {
  const each = Array.from({ length: COACHES }, (_, coach) =>
    acknowledged(bases[coach % bases.length], lessonOf(coach), sample, count, PHASES[coach], every),
  );
  return (await Promise.all(each)).flat();
}

const rowsOf = (name, times) => [
  [`${name}: middle, ms`, quantile(times, 0.5).toFixed(1), ''],
  ['  99 in a hundred within, ms', quantile(times, 0.99).toFixed(1), 'aim 30'],
  ['  slowest, ms', Math.max(...times).toFixed(1), ''],
];

const database = await serverHere(SETTINGS);
if (!database) {
  console.log('no PostgreSQL server could be started: nothing is measured on one');
  process.exit(0);
}
Object.assign(process.env, { DATABASE_URL: database.url, MELLOW_BENCH_BALLS: '500000' });
try {
  // The roster has a database of its own: it is emptied again and again.
  const roster = database.url.replace('/mellow?', '/roster?');
  await asked(database.url, 'create database roster');
  console.log('the roster on PostgreSQL:');
  await run(process.execPath, ['--import', 'tsx', 'src/cli/benchRoster.ts'], {
    env: { ...process.env, DATABASE_URL: roster },
  });
  await served(
    String(PORT),
    async (base) => {
      await settled();
      const [sample] = await (await fetch(`${base}/api/lessons/${FULL}/balls?after=0`)).json();
      delete sample.seq;
      delete sample.touched;
      await coaches([base], sample, WARM);
      const one = await coaches([base], sample, SENT);
      const heard = await heardBy(base, lessonOf(0), sample, DEVICES, WATCHED);
      const two = await second(String(PORT + 1), async (other) => {
        await coaches([base, other], sample, WARM);
        const paced = await coaches([base, other], sample, SENT);
        return { paced, flood: await coaches([base, other], sample, FLOOD, FLOOD_EVERY_MS) };
      });
      printRows([
        ...rowsOf(`${COACHES} coaches at 20 balls a second, 500,000 stored`, one),
        ...rowsOf('  the same by two processes', two.paced),
        ...rowsOf('  500 balls a second by two processes, none refused', two.flood),
        [
          `a ball at each of ${DEVICES} devices: 99 in 100, ms`,
          quantile(heard, 0.99).toFixed(0),
          '',
        ],
        ['  the last of all, ms', Math.max(...heard).toFixed(0), 'aim 1000'],
      ]);
    },
    'src/demo/benchLessons.ts',
  );
} finally {
  await database.close();
}
