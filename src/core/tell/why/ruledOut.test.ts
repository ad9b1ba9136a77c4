import { ruledOutBySchool } from './ruledOut';

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
