import { plainNumber, sayLength } from '@/core/tell/language/say';
import { speaking } from '@/core/testing/speaking';
import { GERMAN } from './german';
import { languageFrom } from './language';
import { t } from './t';
import { choices, told, toldIn } from './told';

describe('a message', () => {
  test('is filled where it has names in braces', () => {
    expect(t('carried {carry}', { carry: '12 yd' })).toBe('carried 12 yd');
    expect(speaking('de', () => t('on the green'))).toBe('auf dem Grün');
  });

  test('keeps what is put into it, braces and all', () => {
    expect(t('Deleted: {name}', { name: '{name}' })).toBe('Deleted: {name}');
  });

  test('is said without the note that tells it apart', () => {
    expect(t('back|body')).toBe('back');
    expect(speaking('de', () => [t('back|body'), t('back')])).toEqual(['Rücken', 'zurück']);
    expect(
      t('Leading edge under the ball, {unit} deep: planned | {heavy} heavy', {
        unit: 'mm',
        heavy: '2 cm',
      }),
    ).toMatch(/planned \| 2 cm heavy$/);
  });

  test('has the numbers of its language, and leaves other text as it is', () => {
    const said = (strokes: string): string => t('{strokes} strokes', { strokes });
    expect([said('3.1'), speaking('de', () => said('3.1'))]).toEqual([
      '3.1 strokes',
      '3,1 Schläge',
    ]);
    expect(speaking('de', () => t('Saved: {body}', { body: 'Hole 1.5' }))).toBe(
      'Gespeichert: Hole 1.5',
    );
  });
});

test('lengths have a comma in German', () => {
  expect(speaking('de', () => [plainNumber(3.46), sayLength(2.5, 'ground', 'metres')])).toEqual([
    '3,5',
    '2,5\u00a0m',
  ]);
});

describe('a table', () => {
  const STRIKES = told({ heavy: 'heavy', kinds: ['thin', 'lip'] });
  const ROWS = toldIn(
    ['name', 'steps'],
    [{ id: 'out', name: 'out', steps: ['on line'], deg: 3, of: () => 'out', at: /out/ }],
  );
  const LENGTHS = choices([
    ['out', 'metres'],
    ['in', 'yards'],
  ]);

  test('is made once, and speaks the language that it is read in', () => {
    expect([STRIKES.heavy, speaking('de', () => STRIKES.heavy)]).toEqual(['heavy', 'fett']);
    expect(speaking('de', () => STRIKES.kinds.map((kind) => kind))).toEqual(['dünn', 'Kante']);
    expect(STRIKES.kinds).toEqual(['thin', 'lip']);
  });

  test('with other things beside its messages leaves them as they are', () => {
    const [row] = ROWS;
    expect(speaking('de', () => ({ ...row }))).toMatchObject({ id: 'out', name: 'heraus', deg: 3 });
    expect(speaking('de', () => row!.steps[0])).toBe('auf der Linie');
    expect([row!.of(), row!.at.test('out')]).toEqual(['out', true]);
  });

  test('of choices keeps their values', () => {
    expect(speaking('de', () => LENGTHS.map(([value, label]) => `${value} ${label}`))).toEqual([
      'out Meter',
      'in Yards',
    ]);
  });
});

test('a language that is not spoken is none', () => {
  expect(['en', 'de', 'fr', '', undefined].map(languageFrom)).toEqual([
    'en',
    'de',
    null,
    null,
    null,
  ]);
});

describe('the German catalogue', () => {
  const all = Object.entries(GERMAN);
  const names = (text: string): string[] => [
    ...new Set([...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => name!)),
  ];
  /** What English needs and German does not: an article, and the hour that is not "half past". */
  const DROPPED = ['{a} {deg}° upslope', '{a} {deg}° downslope', 'half past {now}|not {next}'];

  test('says everything that the English says, and nothing else', () => {
    const odd = all.filter(
      ([english, german]) =>
        !DROPPED.includes(english) && names(english).sort().join() !== names(german).sort().join(),
    );
    expect(odd).toEqual([]);
    const invented = all.filter(([english, german]) =>
      names(german).some((name) => !names(english).includes(name)),
    );
    expect(invented).toEqual([]);
    expect(all.filter(([, german]) => german.trim() === '')).toEqual([]);
  });

  test('is German: no whole phrase is left as it was', () => {
    const same = all.filter(
      ([english, german]) =>
        english === german &&
        english
          .replace(/\{\w+\}/g, '')
          .split(/[^A-Za-z]+/)
          .filter((word) => word.length > 2).length > 2,
    );
    expect(same).toEqual([]);
  });

  test('stresses in a script as many phrases as the English', () => {
    const stars = (text: string): number => text.split('*').length;
    expect(all.filter(([english, german]) => stars(english) !== stars(german))).toEqual([]);
  });

  test('ends a sentence as the English does', () => {
    const end = (text: string): string => /[.?!…:]$/.exec(text)?.[0] ?? '';
    const odd = all.filter(([english, german]) => end(english) !== end(german));
    expect(odd).toEqual([]);
  });
});
