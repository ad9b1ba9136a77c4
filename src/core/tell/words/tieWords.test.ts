import { tieWords } from './tieWords';

const best = { club: '60', saves: 0.01 };

test('clubs that are as good are named, with why one of them is called', () => {
  expect(tieWords({ clubs: ['56', '60', '52'], best, because: 'usual' })).toBe(
    'Three clubs are equally good here: 56, 60, 52. The 56 is called because it is the standard club for the shot.',
  );
  expect(tieWords({ clubs: ['56', '60'], best, because: 'trusted' })).toMatch(
    /^Two clubs .* because it is this player’s favourite from sand\.$/,
  );
});

test('what the call costs over another club is said where it is more than a tie', () => {
  expect(tieWords({ clubs: ['56', '60'], best: { ...best, saves: 0.043 }, because: 'plain' })).toBe(
    'On strokes alone the 60 would save 0.04. The 56 is called because it is the plainest shot here.',
  );
});
