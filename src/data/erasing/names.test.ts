import { nameIn } from './names';

describe('a name in a text', () => {
  test.each([
    ['as Ada Lund does', 'as someone does'],
    ['ADA  LUND; ada-lund, Lund, Ada', 'someone; someone, someone'],
    ['write to ada.lund@example.org', 'write to someone@example.org'],
    ['Ada\nLund', 'someone'],
    ['Ada Lundgren and Nada Lund', 'Ada Lundgren and Nada Lund'],
    ['Ada alone, Lund alone', 'Ada alone, Lund alone'],
    ['Ada Lund’s 56', 'someone’s 56'],
  ])('%j', (text, without) => {
    expect(nameIn('Ada Lund').without(text)).toBe(without);
  });

  test('letters of every language, signs of patterns', () => {
    expect(nameIn('Özgür Ünal').without('mit özgür ünal, ÖZGÜR ÜNAL')).toBe('mit someone, someone');
    expect(nameIn('J. (Jo) Ek+').without('J. (Jo) Ek+ and J. Jo Ek')).toBe('someone and J. Jo Ek');
  });

  test('a name of one word is not the word that it looks like, and texts grow no longer', () => {
    expect(nameIn('Will').without('Will will, WILL')).toBe('? will, WILL');
    for (const name of ['Bo Ek', 'Al', 'Ada Lund', 'Zacharias Quillfeather']) {
      expect(nameIn(name).without(name).length).toBeLessThanOrEqual(name.length);
    }
  });
});
