import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { answer } from '@/core/tell/answer/answer';
import { changeEntries } from '@/core/tell/answer/changes';
import { simulate } from '@/core/tell/answer/simulation';
import { jsonSchemaOf, jsonSchemaOfSamples } from '@/core/contract/check/jsonSchema';
import { drillsFileSchema } from '@/core/lesson/drills/drillFile';
import { lessonFileSchema } from '@/core/lesson/exchange/exchange';
import { playerFileSchema } from '@/core/lesson/exchange/playerFile';
import { placeSchema } from '@/core/place/record/place';
import { dropsSchema, sightingSchema } from '@/core/place/survey/sighting';
import { readSituation, situationSchema } from '@/core/contract/shot/situation';
import { simulationSchema } from '@/core/contract/shot/setup';
import { trackedBallSchema } from '@/core/lesson/tracker/trackedBall';

/* npm run schemas: the JSON Schemas of docs/schemas, from the checkers themselves and from the examples' answers. */

const read = (file: string): unknown => JSON.parse(readFileSync(file, 'utf8'));

function write(name: string, schema: object): void {
  writeFileSync(`docs/schemas/${name}.schema.json`, `${JSON.stringify(schema, null, 2)}\n`);
  console.log(`docs/schemas/${name}.schema.json`);
}

const situations = readdirSync('examples')
  .filter((file) => file.endsWith('.json'))
  .map((file) => read(`examples/${file}`));
const sheets = situations.map((situation) => answer(situation, 'yards', () => 0).sheet);
const changes = changeEntries(readSituation(situations[0]), 'yards');

write('situation', jsonSchemaOf(situationSchema, 'Situation, mellow-divot/situation version 1'));
write(
  'simulation-request',
  jsonSchemaOf(simulationSchema, 'A situation with an explicit set-up to simulate'),
);
write('call-sheet', jsonSchemaOfSamples(sheets, 'Call sheet, mellow-divot/call-sheet version 1'));
write('changes', jsonSchemaOfSamples([changes], 'changes_when of a call sheet'));
write(
  'simulation',
  jsonSchemaOfSamples(
    [simulate(read('examples/simulate/splash-56.json'))],
    'Simulation, mellow-divot/simulation version 1',
  ),
);
write('lesson', jsonSchemaOf(lessonFileSchema, 'Lesson, mellow-divot/lesson version 1'));
write(
  'player-export',
  jsonSchemaOf(playerFileSchema, 'Everything about a player, mellow-divot/player-export version 2'),
);
write(
  'tracked-ball',
  jsonSchemaOf(trackedBallSchema, 'Tracked ball, mellow-divot/tracked-ball version 1'),
);
write('drills', jsonSchemaOf(drillsFileSchema, 'Drills, mellow-divot/drills version 1'));
write('place', jsonSchemaOf(placeSchema, 'Place, mellow-divot/place version 1'));
write('sighting', jsonSchemaOf(sightingSchema, 'Sighting, mellow-divot/sighting version 1'));
write('sand-drops', jsonSchemaOf(dropsSchema, 'Drops of a rod, mellow-divot/sand-drops version 1'));
