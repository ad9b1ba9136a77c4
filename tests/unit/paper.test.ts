import { readFileSync } from 'node:fs';
import { LIGHT_COLOURS } from '@/ui/paper/lightColours';

test('paper wears the colours of the light theme', () => {
  const css = readFileSync('src/app/globals.css', 'utf8');
  const root = css.slice(css.indexOf(':root'), css.indexOf('[data-theme'));
  for (const [name, colour] of Object.entries(LIGHT_COLOURS)) {
    expect([name, root.match(new RegExp(`${name}: (#[0-9a-f]+);`))?.[1]]).toEqual([name, colour]);
  }
});
