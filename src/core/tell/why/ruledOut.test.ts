import { ruledOutBySchool, ruledOutLines } from './ruledOut';

test('each technique stands once, and each reason once with its clubs', () => {
  const short = 'Comes up just short.';
  expect(
    ruledOutBySchool([
      { club: '56', school: 'splash', reason: short },
      { club: '60', school: 'splash', reason: short },
      { club: 'PW', school: 'splash', reason: 'Hits the lip.' },
      { club: 'any', school: 'putt', reason: 'The lip is too high.' },
      { club: '60', school: 'splash', reason: short },
    ]),
  ).toEqual([
    { school: 'splash', reasons: [`56 and 60: ${short}`, 'PW: Hits the lip.'] },
    { school: 'putt', reasons: ['The lip is too high.'] },
  ]);
});

test('techniques that are ruled out for one reason stand under it together', () => {
  const deep = 'The ball sits too deep.';
  expect(
    ruledOutLines(
      [
        { club: 'any', school: 'splash', reason: deep },
        { club: 'any', school: 'open', reason: deep },
        { club: '56', school: 'toe', reason: 'Hits the lip.' },
      ],
      (school) => `the ${school}`,
    ),
  ).toEqual([
    { head: deep, rest: 'The splash; the open.' },
    { head: 'The toe.', rest: '56: Hits the lip.' },
  ]);
});
