import { prescribe } from '@/core/search/calls/prescribe';
import { aPlayer, aShot, KNOWS_ALL } from '@/core/testing/fixtures';
import { radians } from '@/core/ground/units/angle';
import { SCHOOLS } from '@/core/search/schools/schools';
import { BAG } from '@/core/testing/bench';
import { cautionsFor } from './cautions';
import { plainScript, scriptOf, STEPS } from './script';
import {
  chanceWords,
  clockWords,
  distanceWords,
  shortLengthWords,
  weightWords,
} from '../words/words';

test.each([
  ['1:15', 'quarter past one'],
  ['12:00', "twelve o'clock"],
  ['9:30', 'half past nine'],
  ['10:45', 'quarter to eleven'],
  ['12:45', 'quarter to one'],
])('%s is said %s', (clock, words) => expect(clockWords(clock)).toBe(words));

test('short lengths are said in quarter inches or half centimetres', () => {
  expect(shortLengthWords(0.0381, 'yards')).toBe('an inch and a half');
  expect(shortLengthWords(0.0127, 'yards')).toBe('half an inch');
  expect(shortLengthWords(0.019, 'yards')).toBe('three quarters of an inch');
  expect(shortLengthWords(0.0508, 'yards')).toBe('two inches');
  expect(shortLengthWords(0.0381, 'metres')).toBe('4 cm');
  expect(shortLengthWords(0.001, 'yards')).toBe('nothing');
});

test('distances, tenths and chances', () => {
  expect(distanceWords(0.9144, 'yards')).toBe('1 yard');
  expect(distanceWords(12.2, 'metres')).toBe('12 metres');
  expect(weightWords(0.62)).toBe('60%');
  expect(chanceWords(0.81)).toBe('about 8 in 10');
  expect(chanceWords(0.99)).toBe('nearly always');
  expect(chanceWords(0.01)).toBe('hardly ever');
  expect(chanceWords(0.05)).toBe('about 1 in 20');
  expect(chanceWords(0.96)).toBe('about 19 in 20');
  expect(chanceWords(0.92)).toBe('about 9 in 10');
});

describe('the script', () => {
  const call = prescribe({
    player: aPlayer(),
    shot: aShot(15, 6.5, 9.8),
    seed: 7,
    only: ['across'],
  }).calls[0]!;

  test('goes face, grip, feet, ball, weight, mark, swing, finish', () => {
    const lines = scriptOf(call, 40, { units: 'yards', handed: 'right' });
    expect(lines.map(({ step }) => step)).toEqual([...STEPS]);
    expect(lines[0]!.text).toMatch(/^Open the face to \*/);
    expect(plainScript(lines)).not.toContain('*');
    expect(plainScript(lines)).toContain('to the left of the flag');
  });

  test('mirrors for a left-hander', () => {
    const lines = scriptOf(call, 40, { units: 'metres', handed: 'left' });
    expect(lines[0]!.text).toMatch(/(nine|ten|eleven)/);
    expect(plainScript(lines)).toContain('to the right of the flag');
    expect(plainScript(lines)).toContain('40-metre pitch');
  });

  test('says a square face square and a closed one closed', () => {
    const face = (deg: number): string =>
      scriptOf({ ...call, setup: { ...call.setup, opening: radians(deg) } }, 40, {
        units: 'yards',
        handed: 'right',
      })[0]!.text;
    expect(face(0)).toBe('Leave the face *square*.');
    expect(face(-15)).toBe('Close the face to *quarter to eleven*.');
  });
});

describe('every kind and school has its script and its cautions', () => {
  /** Situations that between them give every school a place. */
  const shots = [
    aShot(18, 1.5),
    aShot(34, 2, 10),
    aShot(110, 3, 20),
    { ...aShot(100, 3, 20), burial: 0.009 },
    aShot(14, 0.3, 6, 'firm'),
    { ...aShot(15, 2), burial: 0.03 },
    { ...aShot(12, 2), burial: 0.03, along: radians(12) },
    { ...aShot(12, 2), along: radians(12) },
    { ...aShot(15, 2), along: radians(-9) },
    { ...aShot(15, 2), across: radians(8) },
  ];
  const player = { ...aPlayer('middle', BAG), techniques: KNOWS_ALL };
  const calls = shots.flatMap((shot) => prescribe({ player, shot, seed: 7 }).calls);

  test('between them they are all called somewhere', () => {
    const called = new Set(calls.map(({ school }) => school.id));
    expect(SCHOOLS.map(({ id }) => id).filter((id) => !called.has(id))).toEqual([]);
  });

  test.each(['yards', 'metres'] as const)('in %s, for either hand', (units) => {
    for (const call of calls) {
      for (const handed of ['right', 'left'] as const) {
        const lines = scriptOf(call, 40, { units, handed });
        expect(lines.map(({ step }) => step)).toEqual([...STEPS]);
        const said = plainScript(lines);
        expect(said).not.toMatch(/undefined|NaN|\*|  /);
        expect(said).toMatch(/\.$/);
        if (units === 'metres') expect(said).not.toMatch(/yard|inch/);
      }
      expect(cautionsFor(call, []).every((text) => text.endsWith('.'))).toBe(true);
    }
  });

  test('a ball that is not played at the flag says where it goes first', () => {
    const shot = {
      ...aShot(15, 18, 3),
      escapes: [{ toward: radians(90), lip: { height: 0.1, distance: 2 }, room: 12 }],
    };
    const [call] = prescribe({ player: aPlayer(), shot, seed: 7 }).calls;
    const first = (handed: 'right' | 'left', toward = call!.toward): string =>
      scriptOf({ ...call!, toward }, 40, { units: 'yards', handed })[0]!.text;
    expect(first('right')).toMatch(/^\*90° to the right of the flag\.\* /);
    expect(first('left')).toMatch(/^\*90° to the left of the flag\.\* /);
    expect(first('right', Math.PI)).toMatch(/^\*Straight back, away from the flag\.\* /);
    expect(first('right')).toContain('.* Move the group off that line first. ');
    expect(first('right', radians(20))).not.toContain('group');
  });

  test('nobody is told to stand behind the line where the ball is played back over them', () => {
    const [call] = calls;
    const said = (deg: number): string =>
      cautionsFor({ ...call!, toward: radians(deg) }, []).join(' ');
    for (const deg of [60, -90, 180]) {
      expect(said(deg)).toContain('nobody on that line or beyond it');
      expect(said(deg)).not.toContain('stays behind the line');
    }
    for (const deg of [0, 20, -30]) expect(said(deg)).not.toContain('Played away from the flag');
  });

  test('a sore wrist is named where the stroke jars it, not for a putt', () => {
    const dig = calls.find(({ kind }) => kind === 'dig')!;
    const putt = calls.find(({ kind }) => kind === 'putt')!;
    expect(cautionsFor(dig, ['wrist', 'back']).join(' ')).toContain('jars the wrists and back');
    expect(cautionsFor(putt, ['wrist']).join(' ')).not.toContain('wrist');
  });
});
