import path from 'node:path';
import { ROOMS, WINGS } from './house.mjs';

const SRC = path.resolve('src');

/** The longest of some folders that a place lies in. */
const folderOf = (place, folders) =>
  folders
    .filter((folder) => place === folder || place.startsWith(`${folder}/`))
    .sort((a, b) => b.length - a.length)[0];

/** Where an import leads, under src; null for a package. */
function placeOf(source, file) {
  if (source.startsWith('@/')) return source.slice(2);
  if (!source.startsWith('.')) return null;
  return path.relative(SRC, path.resolve(path.dirname(file), source)).replaceAll(path.sep, '/');
}

/** What is wrong with an import; null when nothing is. */
function faultOf(source, file) {
  const own = path.relative(SRC, file).replaceAll(path.sep, '/');
  const place = placeOf(source, file);
  // What stands at the top of src the framework itself looks for.
  if (own.startsWith('..') || !own.includes('/') || place === null) return null;
  const from = folderOf(path.dirname(own), ROOMS);
  if (!from) return `src/${path.dirname(own)} is no room of lint/house.mjs.`;
  if (place.startsWith('..')) return `${source} lies outside of the house.`;
  const to = folderOf(path.dirname(place), ROOMS) ?? folderOf(place, ROOMS);
  if (!to) return `src/${path.dirname(place)} is no room of lint/house.mjs.`;
  const [wing, other] = [from, to].map((room) => folderOf(room, Object.keys(WINGS)));
  if (wing !== other && !WINGS[wing].includes(other)) {
    return `src/${wing} may only import from: ${WINGS[wing].join(', ') || 'itself'}.`;
  }
  if (ROOMS.indexOf(to) > ROOMS.indexOf(from)) {
    return `${from} stands below ${to}, which it would look into.`;
  }
  if (wing === 'core' && source.startsWith('../../')) {
    return 'Another floor is reached by @/core/<floor>/<room>.';
  }
  return null;
}

/** Imports go one way through the rooms of the house. */
const rule = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const look = ({ source }) => {
      if (typeof source?.value !== 'string') return;
      const message = faultOf(source.value, path.resolve(context.filename));
      if (message) context.report({ node: source, message });
    };
    return {
      ImportDeclaration: look,
      ImportExpression: look,
      ExportNamedDeclaration: look,
      ExportAllDeclaration: look,
    };
  },
};

const plugin = { rules: { arrows: rule } };
export default plugin;
