import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { GERMAN } from '@/core/tell/language/german';

/*
 * What the product says in whole sentences is read by a coach in passing: the grade of R. Flesch and J. P. Kincaid (1975) is the
 * year of school that reads it.
 */

/** Parts that are put in are read as a word of two syllables, which clubs, numbers and names are on the mean. */
const PUT_IN = 'number';

const isSentence = (text: string): boolean =>
  /^[A-Z]/.test(text) && /[.?!]$/.test(text) && text.split(' ').length >= 6;

/** The whole sentences of the catalogue. */
const sentences = Object.keys(GERMAN)
  .map((message) => message.replace(/\{\w+\}/g, PUT_IN))
  .filter(isSentence);

function gradeOf(text: string): number {
  const words = text.split(/\s+/).filter((word) => /[A-Za-z]/.test(word));
  return fleschKincaid({
    sentence: text.split(/[.?!:;]+(?:\s|$)/).filter((part) => part.trim() !== '').length,
    word: words.length,
    syllable: words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0),
  });
}

const all = sentences.map((text) => ({ text, grade: gradeOf(text) }));

test('sentences are found, and hard ones are told from plain ones', () => {
  expect(all.length).toBeGreaterThan(300);
  expect(gradeOf('The ball is out. Well done.')).toBeLessThan(2);
  expect(
    gradeOf(
      'Notwithstanding considerable variability, parametric estimation remains inconclusive.',
    ),
  ).toBeGreaterThan(20);
});

test('on the mean they are read in the fifth year of school', () => {
  expect(all.reduce((sum, { grade }) => sum + grade, 0) / all.length).toBeLessThan(5);
});

test('none asks for more than the twelfth', () => {
  const hard = all.filter(({ grade }) => grade > 12);
  expect(hard.map(({ text, grade }) => `${grade.toFixed(1)}: ${text}`)).toEqual([]);
});
