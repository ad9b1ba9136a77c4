import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { saySmall } from '@/core/tell/language/say';

interface Face {
  hasGlyphForCodePoint: (point: number) => boolean;
}

const { create } = jest.requireActual<{ create: (file: Buffer) => Face }>('fontkit');

/** The faces of printed text, as they are registered. */
const faces = ['latin', 'latin-ext'].flatMap((subset) =>
  [400, 700].map((weight) =>
    create(
      readFileSync(
        `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`,
      ),
    ),
  ),
);

/** Signs of a text that no face can print. */
const unprintable = (text: string): string[] =>
  [...new Set(text)].filter(
    (sign) => sign > '~' && !faces.some((face) => face.hasGlyphForCodePoint(sign.codePointAt(0)!)),
  );

/** Text of the code without its comments. */
const spoken = (code: string): string =>
  code.replace(/\/\*[^]*?\*\//g, '').replace(/(^|\s)\/\/.*$/gm, '');

test('every sign that a paper, a drawing or a sentence can hold is in the faces that are printed', () => {
  const odd = [
    'src/ui/paper',
    'src/ui/drawing',
    'src/core/tell',
    'src/core/lesson',
    'src/core/ground',
  ]
    .flatMap((folder) =>
      readdirSync(folder, { recursive: true, withFileTypes: true })
        .filter(({ name }) => /\.tsx?$/.test(name) && !/\.test\./.test(name))
        .map(({ parentPath, name }) => path.join(parentPath, name)),
    )
    .map((file) => [file, unprintable(spoken(readFileSync(file, 'utf8')))] as const)
    .filter(([, signs]) => signs.length > 0);
  expect(odd).toEqual([]);
});

test('every small length can be printed, and names of most of Europe', () => {
  for (let mm = -60; mm <= 300; mm++) {
    for (const units of ['yards', 'metres'] as const) {
      expect(unprintable(saySmall(mm / 1000, units))).toEqual([]);
    }
  }
  expect(unprintable('Łukasz Dvořák, Åse Bjørk, Gül Çelik, Zoë Őry')).toEqual([]);
});
