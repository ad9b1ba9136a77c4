import { aSituation } from '@/core/testing/records';
import { broken } from '@/core/testing/thresholds';
import { changesIn, standpointOf } from '@/core/search/changes/changes';
import { readSituation } from '@/core/contract/shot/situation';

/** Two wedges: enough for one to take over from the other. */
const { player, shot } = aSituation();
const bag = player.bag.filter(({ name }) => /^(60|56)$/.test(name));
const situation = { player: { ...player, bag }, shot };
const { question, firmness } = readSituation(situation);

test.each(['lip', 'wind', 'slope'] as const)(
  'what is named for %s holds a step before and a step after',
  (factor) => {
    const changes = changesIn(standpointOf(question, firmness), factor);
    if (factor === 'lip') expect(changes.length).toBeGreaterThan(0);
    for (const change of changes) expect(broken(situation, { ...change, factor })).toEqual([]);
  },
);
