import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';

/*
 * What the product says in whole sentences is read by a coach in passing: the grade of R. Flesch and J. P. Kincaid (1975) is the
 * year of school that reads it.
 */

const files = execFileSync(
  'git',
  [
    'ls-files',
    '-co',
    '--exclude-standard',
    'src/ui',
    'src/app',
    'src/core/tell',
    'src/core/lesson',
  ],
  { encoding: 'utf8' },
)
  .split('\n')
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|\/testing\//.test(file));

/** Parts that are put in are read as a word of two syllables, which clubs, numbers and names are on the mean. */
const PUT_IN = 'number';

/** The text of a literal, with what is put into it as a word; null for anything else. */
function textOf(node: ts.Node): string | null {
  if (ts.isJsxText(node) || ts.isStringLiteralLike(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return null;
  return node.head.text + node.templateSpans.map(({ literal }) => PUT_IN + literal.text).join('');
}

const isSentence = (text: string): boolean =>
  /^[A-Z]/.test(text) && /[.?!]$/.test(text) && text.split(' ').length >= 6;

interface Said {
  file: string;
  text: string;
}

/** Whole sentences that a file says. */
function sentencesOf(file: string): Said[] {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    kind,
  );
  const said: Said[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isThrowStatement(node)) return;
    const text = textOf(node)?.replace(/\s+/g, ' ').trim();
    if (text && isSentence(text)) said.push({ file, text });
    ts.forEachChild(node, visit);
  };
  visit(source);
  return said;
}

function gradeOf(text: string): number {
  const words = text.split(/\s+/).filter((word) => /[A-Za-z]/.test(word));
  return fleschKincaid({
    sentence: text.split(/[.?!:;]+(?:\s|$)/).filter((part) => part.trim() !== '').length,
    word: words.length,
    syllable: words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0),
  });
}

const all = files.flatMap(sentencesOf).map((said) => ({ ...said, grade: gradeOf(said.text) }));

test('sentences are found, and hard ones are told from plain ones', () => {
  expect(all.length).toBeGreaterThan(150);
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
  expect(hard.map(({ file, text, grade }) => `${grade.toFixed(1)} ${file}: ${text}`)).toEqual([]);
});
