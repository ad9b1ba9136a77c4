import { openServer } from '../opening/openServer';
import { askServer, newOnServer, testServer } from './serverDatabases';

/*
 * Opens three new databases of the throw-away server at the same moment, where nobody has made the role that they share; six times over.
 * For a server of its own: the role is taken away in between. Ends with an error where one was not opened.
 */

const ROUNDS = 6;

for (let round = 0; round < ROUNDS; round++) {
  const made = await Promise.all([newOnServer(), newOnServer(), newOnServer()]);
  for (const { close } of await Promise.all(made.map(({ url }) => openServer(url)))) await close();
  for (const { drop } of made) await drop();
  await askServer(testServer(), 'drop role mellow_guest');
}
process.stdout.write(`${ROUNDS} rounds\n`);
