import { aSituation } from '@/core/testing/records';
import { changesIn, standpointOf } from '@/core/search/changes/changes';
import type { FactorName } from '@/core/search/changes/factors';
import { type Called, sameOrNone } from '@/core/search/calls/call';
import { prescribe } from '@/core/search/calls/prescribe';
import { degrees } from '@/core/ground/units/angle';
import { readSituation } from '@/core/tell/format/situation';

/** The field of a situation that a factor moves, with its value in the outside format. */
const FIELD: Record<FactorName, (value: number, shot: Record<string, unknown>) => object> = {
  lip: (value, { lip }) => ({ lip: { ...(lip as object), height_m: value, height_ft: undefined } }),
  distance: (value) => ({ pin_m: value, pin_yd: undefined }),
  sand: (value, { sand }) => ({ sand: { ...(sand as object), firmness: value } }),
  lie: (value) => ({ lie: undefined, burial_mm: value * 1000 }),
  slope: (value) => ({ slope: { along_deg: degrees(value) } }),
  wind: (value) => ({ wind: { speed_mps: Math.abs(value), from_deg: value < 0 ? 0 : 180 } }),
};

/** One step of what is moved: a threshold is known to no more than this. */
const STEP: Record<FactorName, number> = {
  lip: 0.06,
  distance: 0.35,
  sand: 0.05,
  lie: 0.0012,
  slope: 0.014,
  wind: 0.6,
};

/** Two wedges: enough for one to take over from the other. */
const { player, shot: usual } = aSituation();
const bag = player.bag.filter(({ name }) => /^(60|56)$/.test(name));
const situation = { player: { ...player, bag }, shot: usual };
const { question, firmness } = readSituation(situation);

/** Nearer than this in cost two calls are one to the search: which of them is made there is chance, strokes. */
const EVEN = 0.004;

/** Whether this is called, or as good as called, when one field is said anew through the front door. */
function calls(
  expected: Called | null,
  factor: FactorName,
  value: number,
  within: number,
): boolean {
  const shot = { ...situation.shot, ...FIELD[factor](value, situation.shot) };
  const asked: unknown = JSON.parse(JSON.stringify({ ...situation, shot }));
  const told = prescribe(readSituation(asked).question).calls;
  const [first] = told;
  if (!expected) return first?.kind === 'out-sideways';
  const wanted = told.find(({ setup, kind }) =>
    sameOrNone({ club: setup.club.name, kind }, expected),
  );
  return wanted !== undefined && wanted.cost - first!.cost <= within;
}

test.each(['lip', 'wind', 'slope'] as const)(
  'what is named for %s holds a step before and a step after',
  (factor) => {
    const changes = changesIn(standpointOf(question, firmness), factor);
    if (factor === 'lip') expect(changes.length).toBeGreaterThan(0);
    for (const { value, direction, from, to } of changes) {
      const step = (direction === 'up' ? 1 : -1) * STEP[factor];
      expect([factor, value, calls(from, factor, value - step, EVEN)]).toEqual([
        factor,
        value,
        true,
      ]);
      expect([factor, value, calls(to, factor, value, 0)]).toEqual([factor, value, true]);
      expect([factor, value, calls(to, factor, value + step, EVEN)]).toEqual([factor, value, true]);
    }
  },
);
