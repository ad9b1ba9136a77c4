import '@/core/model/batch/start';
import { writeFileSync } from 'node:fs';
import { BEHAVIOURS } from '@/core/testing/behaviours';

/* npm run behaviour: what coaches say with a number, and what the model gives, printed and written to docs/behaviour.md. */

const show = (value: number): string => String(Number(value.toPrecision(3)));

const rows = BEHAVIOURS.map(({ name, wanted, unit, got, excuse, before }) => {
  const value = got();
  const inside = value >= wanted[0] && value <= wanted[1];
  const range =
    wanted[0] === wanted[1] ? show(wanted[0]) : `${show(wanted[0])} to ${show(wanted[1])}`;
  return {
    name,
    range,
    unit,
    value: show(value),
    inside,
    excuse,
    before: before === undefined ? '' : show(before),
  };
});

const HEAD = `# Behaviour

What coaches say with a sign or a range, what the model gives, and whether it holds. Made by \`npm run behaviour\`;
the same table is a test. Middle player (full 56 at 82 yd), medium sand, clean lie, mark 4 cm behind the ball, level
ground, unless said otherwise. \`before\` is what an earlier model gave, where that was noted.

| statement | wanted | unit | got | holds | before |
|---|---|---|---|---|---|
`;

const table = rows
  .map(
    ({ name, range, unit, value, inside, before }) =>
      `| ${name} | ${range} | ${unit} | ${value} | ${inside ? 'yes' : 'no'} | ${before} |`,
  )
  .join('\n');
const excuses = rows.filter(({ inside }) => !inside);
const reasons = excuses
  .map(({ name, excuse }) => `- ${name}: ${excuse?.why ?? 'not explained yet.'}`)
  .join('\n');
const tail = excuses.length > 0 ? `\n\n## Where the model stands apart\n\n${reasons}\n` : '\n';

writeFileSync('docs/behaviour.md', `${HEAD}${table}${tail}`);
for (const row of rows) {
  console.log(
    `${row.inside ? 'yes' : 'NO '}  ${row.value.padStart(7)}  (${row.range} ${row.unit})  ${row.name}`,
  );
}
