import { sayFaults } from '@/core/tell/facts/faultWords';
import { sayFact } from '@/core/tell/facts/sayFact';
import { FaultyInput } from '@/core/contract/check/fault';
import { PLAIN_HOUSE } from './house';
import type { Meaning } from './columns';
import { playersCsv, previewPlayersCsv, readMeanings, MOST_LINES } from './playersCsv';
import type { PlayerRecord } from './record';

const read = (text: string, known: string[] = [], said?: (Meaning | null)[]) =>
  previewPlayersCsv(text, PLAIN_HOUSE, new Set(known), said);

/** Clubs of a line as name, loft and carry. */
const clubsOf = ({ record }: ReturnType<typeof read>['lines'][number]): string[] =>
  record!.bag.map(({ name, loft_deg, stock_carry_yd }) => `${name} ${loft_deg} ${stock_carry_yd}`);

const player: PlayerRecord = {
  name: 'Ada "Ace" Lund, jr.',
  handed: 'left',
  skill: 'good',
  usual_miss: 'thin',
  cautions: ['wrist', 'back'],
  units: 'metres',
  schools: ['across'],
  techniques: { 'toe-in': 'knows', 'heel-first': 'learning' },
  notes: 'line one\nline two; with | and ,',
  bag: [
    { name: '9i', type: 'iron', loft_deg: 41, bounce_deg: 5, stock_carry_yd: 121 },
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
  ],
};

test('what is exported is imported again without loss', () => {
  const { lines } = read(playersCsv([player, { ...player, name: 'Bo' }]));
  expect(lines.map(({ record }) => record)).toEqual([player, { ...player, name: 'Bo' }]);
});

test('a technique that is named alone is known; one that nobody knows is refused', () => {
  const of = (cell: string) => read(`name,techniques,clubs\nAda,${cell},56\n`).lines[0]!;
  expect(of('toe-in').record!.techniques).toEqual({ 'toe-in': 'knows' });
  expect(sayFact(of('toe-in perhaps').faults[0]!.message)).toMatch(
    /one of not-yet, learning, knows/,
  );
  expect(of('moonshot').faults[0]!.path).toBe('techniques.moonshot');
});

test.each([
  [';', 'semicolon'],
  ['\t', 'tab'],
  ['|', 'bar'],
  [',', 'comma'],
])('the separator %j is found, with a byte order mark and Windows line ends', (separator) => {
  const text = `\uFEFF${['Player', 'Hand', 'Bag'].join(separator)}\r\n${['Ada', 'L', '56 56/12 82'].join(separator)}\r\n`;
  const { delimiter, lines, columns } = read(text);
  expect(delimiter).toBe(separator);
  expect(columns.map(({ becomes }) => becomes)).toEqual(['name', 'handed', 'clubs']);
  expect(lines[0]!.record).toMatchObject({ name: 'Ada', handed: 'left', skill: 'middle' });
});

test('columns that are not known are passed over, first and last names joined, handicaps read', () => {
  const { lines, columns } = read(
    'First name,Surname,HCP,Shoe size,clubs\nAda,Lund,"8,4",41,56\nBo,Ek,+2,44,56\nCy,Oh,54,39,56\n',
  );
  expect(columns[3]).toEqual({ heading: 'Shoe size', becomes: null, sample: '41' });
  expect(lines.map(({ record }) => [record!.name, record!.skill, record!.handicap])).toEqual([
    ['Ada Lund', 'good', 8.4],
    ['Bo Ek', 'expert', -2],
    ['Cy Oh', 'beginner', 54],
  ]);
  const again = read(playersCsv(lines.map(({ record }) => record!))).lines;
  expect(again.map(({ record }) => record!.handicap)).toEqual([8.4, -2, 54]);
});

test('each wrong line is told with its line in the file, the others stay good', () => {
  const { lines } = read(
    'name,handed,clubs\n"two\nlines",right,56\n\nAda,both,56\nBo,right,spade\nCy,right,\n',
  );
  expect(lines.map(({ line, record }) => [line, record !== null])).toEqual([
    [2, true],
    [5, false],
    [6, false],
    [7, false],
  ]);
  expect(lines.slice(1).map(({ faults }) => sayFact(faults[0]!.message))).toEqual([
    'must be one of right, left, not "both"',
    expect.stringMatching(/"spade" is not a club/),
    'enter at least one club',
  ]);
});

test('a name that is there already, or twice in the file, is marked', () => {
  const { lines } = read('name,clubs\nAda,56\nada,56\nBo,56\n', ['bo']);
  expect(lines.map(({ twice }) => twice)).toEqual([false, true, true]);
});

test('a formula is made harmless on the way out and is itself again on the way in', () => {
  const sly = { ...player, name: '=HYPERLINK("x")', notes: '@cmd' };
  const csv = playersCsv([sly]);
  expect(csv).toContain(`'=HYPERLINK`);
  expect(csv).toContain(`'@cmd`);
  expect(read(csv).lines[0]!.record).toMatchObject({ name: sly.name, notes: sly.notes });
});

test.each([
  ['', /no lines/],
  ['name,clubs\n', /no lines/],
  [`name,clubs\n${'A,56\n'.repeat(MOST_LINES + 2)}`, /at most 20000/],
])('a file that cannot be read is refused whole', (text, message) => {
  expect(() => read(text)).toThrow(FaultyInput);
  expect(() => read(text)).toRefuse(message);
});

test('files as people have them: two columns by semicolons, the same heading twice, names of every object', () => {
  const two = read('Name;Clubs\nAda;"56 56/12, 82"\n');
  expect(two.delimiter).toBe(';');
  const twice = read('Name,Name,Clubs\nAda,Lund,56 56/12\n');
  expect(twice.columns.map(({ becomes }) => becomes)).toEqual(['name', null, 'clubs']);
  expect(twice.lines[0]!.record!.name).toBe('Ada');
  const odd = read('constructor,Name,Skill,Hand,Clubs\nx,Ada,constructor,__proto__,56 56/12\n');
  expect(odd.columns[0]).toEqual({ heading: 'constructor', becomes: null, sample: 'x' });
  expect(odd.lines[0]!.faults.map(({ path }) => path).sort()).toEqual(['handed', 'skill']);
});

test('what nobody writes is refused without being looked into', () => {
  const clubs = '56 56/12;'.repeat(700);
  const [long, many] = read(`Name,Clubs\nAda,${clubs}\nBo,${'56 56/12;'.repeat(70)}\n`).lines;
  expect(sayFaults(long!.faults)).toEqual([
    { path: 'clubs', message: 'must be at most 5000 characters' },
  ]);
  expect(sayFaults(many!.faults)).toEqual([
    { path: 'bag', message: 'must be at most 60 clubs, not 70' },
  ]);
  expect(() => read(`${'a,'.repeat(200)}Name,Clubs\nx\n`)).toRefuse('has 202 columns');
  const [odd] = read(`Name,Clubs\nAda,${'a '.repeat(2000)}\n`).lines;
  expect(sayFact(odd!.faults[0]!.message).length).toBeLessThan(200);
});

test('clubs are taken from columns of their own, by number or by the club that heads them', () => {
  const numbered = read('Name,Club 1,Club 2,Club 3\nAda,PW 46/6 108,,56 82\n');
  expect(clubsOf(numbered.lines[0]!)).toEqual(['PW 46 108', '56 56 82']);
  const headed = read('Name\tPW\t52\t56\nAda\t46/6 108\t96\t\nBo\t46\t\t82yd\n');
  expect(headed.delimiter).toBe('\t');
  expect(headed.lines.map(clubsOf)).toEqual([
    ['PW 46 108', '52 52 96'],
    ['PW 46 undefined', '56 56 82'],
  ]);
});

test('a bag that the separator has parted is put together where it stands last, and told of elsewhere', () => {
  const last = read('Name;Clubs\nAda;PW 46/6 108; SW 56/12 75\n');
  expect(clubsOf(last.lines[0]!)).toEqual(['PW 46 108', 'SW 56 75']);
  const inside = read('Clubs;Name\nPW 46/6 108; SW 56/12 75;Ada\n');
  expect(sayFact(inside.lines[0]!.faults[0]!.message)).toMatch(/has 3 cells under 2 headings/);
});

test('columns that no heading names are asked for, and read as they are said to be', () => {
  const file = 'who,what,ignored\nAda,"56 82, 52 96",x\n';
  const asked = read(file);
  expect(asked.lines).toEqual([]);
  expect(asked.wanted.map(({ message }) => sayFact(message))).toEqual([
    'has no column for the name',
    expect.stringMatching(/^has no column for the clubs/),
  ]);
  const said = read(file, [], ['name', 'clubs', null]);
  expect(said.wanted).toEqual([]);
  expect(clubsOf(said.lines[0]!)).toEqual(['56 56 82', '52 52 96']);
  expect(readMeanings(['name', null])).toEqual(['name', null]);
  for (const odd of [{}, ['shoe'], Array(101).fill(null)]) {
    expect(() => readMeanings(odd)).toRefuse(/columns: must be a list of name, handed/);
  }
});
