import path from 'node:path';
import { Font } from '@react-pdf/renderer';

const PACKAGES = path.join(process.cwd(), 'node_modules', '@fontsource');

const file = (family: string, subset: string, weight: number): string =>
  path.join(PACKAGES, family, 'files', `${family}-${subset}-${weight}-normal.woff`);

/** Text face of paper, with letters of names that Latin-1 does not have as a second choice. */
export const TEXT = ['Text', 'TextExtended'];
export const HEADING = ['Heading', 'HeadingExtended', 'TextExtended'];

let registered = false;

/** Registers the fonts that ship with the product; once is enough. */
export function registerFonts(): void {
  if (registered) return;
  registered = true;
  const text = 'atkinson-hyperlegible-next';
  const heading = 'bricolage-grotesque';
  for (const [family, subset] of [
    ['Text', 'latin'],
    ['TextExtended', 'latin-ext'],
  ] as const) {
    Font.register({
      family,
      fonts: [
        { src: file(text, subset, 400), fontWeight: 400 },
        { src: file(text, subset, 700), fontWeight: 700 },
      ],
    });
  }
  Font.register({ family: 'Heading', src: file(heading, 'latin', 600), fontWeight: 600 });
  Font.register({
    family: 'HeadingExtended',
    src: file(heading, 'latin-ext', 600),
    fontWeight: 600,
  });
  // Words are not to be broken: a club or a distance split over two lines is misread.
  Font.registerHyphenationCallback((word) => [word]);
}
