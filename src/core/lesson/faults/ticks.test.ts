import { CAUSES, SIGNS } from './causes';
import { withTicks, type Ticks } from './ticks';

const states = CAUSES.map((cause) => [cause]);
const even = states.map(() => 0);

const seeing = (ticked: (sign: string) => boolean): Ticks =>
  Object.fromEntries(SIGNS.map(({ id }) => [id, ticked(id)]));

test('without an answer causes stay as likely as they were', () => {
  const { chances } = withTicks([[CAUSES[0]!], [CAUSES[1]!]], [Math.log(3), 0], {});
  expect(chances[0]).toBeCloseTo(0.75);
  expect(chances[1]).toBeCloseTo(0.25);
});

test('a sign that is seen speaks for its cause, one that is not against it', () => {
  const [cause] = CAUSES;
  const [sign] = cause!.signs;
  const chance = (ticks: Ticks): number => withTicks(states, even, ticks).chances[0]!;
  expect(chance({ [sign!]: true })).toBeGreaterThan(chance({}));
  expect(chance({ [sign!]: false })).toBeLessThan(chance({}));
});

test('a coach who says yes to nearly everything is believed less than one who says it of the signs of one cause', () => {
  const cause = CAUSES.find(({ id }) => id === 'edge-digs')!;
  const at = CAUSES.indexOf(cause);
  const sharp = withTicks(
    states,
    even,
    seeing((id) => cause.signs.includes(id)),
  );
  const credulous = withTicks(
    states,
    even,
    seeing((id) => SIGNS.findIndex((sign) => sign.id === id) % 4 !== 0 || cause.signs.includes(id)),
  );
  expect(sharp.eye.otherwise).toBeLessThan(credulous.eye.otherwise);
  expect(sharp.eye.there).toBeGreaterThan(credulous.eye.there);
  expect(sharp.chances[at]).toBeGreaterThan(0.9);
  expect(credulous.chances[at]).toBeLessThan(0.5);
});
