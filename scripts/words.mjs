/**
 * Writes the catalogue of the interface's words, `src/core/tell/language/catalogue.ts`: every message that the sources say through
 * `t`, `told`, `toldIn` and `choices`, in the order of the files; and the codes of facts, `src/core/ground/fact/codes.ts`. With `--check` nothing is written, and an old catalogue is a fault;
 * with `--list` the messages are printed as JSON.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const CATALOGUE = 'src/core/tell/language/catalogue.ts';
const FACTS = 'src/core/tell/language/facts/en.json';
const CODES = 'src/core/ground/fact/codes.ts';

/** The texts in a table of messages, however deep. */
function texts(node) {
  if (ts.isStringLiteralLike(node)) return [node.text];
  if (ts.isConditionalExpression(node)) return [...texts(node.whenTrue), ...texts(node.whenFalse)];
  if (ts.isArrayLiteralExpression(bare(node))) return bare(node).elements.flatMap(texts);
  return properties(node).flatMap(({ initializer }) => texts(initializer));
}

/** The texts under some fields of a table. */
function textsIn(node, fields) {
  if (ts.isArrayLiteralExpression(bare(node))) {
    return bare(node).elements.flatMap((each) => textsIn(each, fields));
  }
  return properties(node).flatMap(({ name, initializer }) =>
    fields.includes(name.text) ? texts(initializer) : textsIn(initializer, fields),
  );
}

const properties = (node) =>
  ts.isObjectLiteralExpression(bare(node))
    ? bare(node).properties.filter(ts.isPropertyAssignment)
    : [];

/** A table without what is said of its type. */
const bare = (node) =>
  ts.isAsExpression(node) || ts.isSatisfiesExpression(node) ? bare(node.expression) : node;

/** What a call says of the catalogue. */
function said(call) {
  const [first, second, third] = call.arguments;
  switch (call.expression.getText()) {
    case 't':
      return texts(first);
    case 'told':
      return texts(first);
    case 'toldIn':
      return textsIn(second, texts(first));
    case 'counted': {
      const one = second ? texts(second) : [];
      return [...one, ...(third ? texts(third) : one.map((noun) => `${noun}s`))];
    }
    case 'choices':
      return bare(first).elements.flatMap((each) => texts(each.elements[1]));
    default:
      return [];
  }
}

/** Every message of a file, in the order in which it stands there. */
function messagesOf(file) {
  const source = ts.createSourceFile(
    file,
    readFileSync(path.join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found = [];
  const look = (node) => {
    if (ts.isCallExpression(node)) found.push(...said(node));
    ts.forEachChild(node, look);
  };
  look(source);
  return found;
}

/** Every message, by the file that says it first. */
function messages() {
  const by = new Map();
  const known = new Set();
  const files = readdirSync(path.join(root, 'src'), { recursive: true })
    .filter(
      (file) => /\.tsx?$/.test(file) && !/\.test\.|testing\/|tell\/language\/|^cli\//.test(file),
    )
    .map((file) => path.posix.join('src', file))
    .sort();
  for (const file of files) {
    const fresh = [...new Set(messagesOf(file))].filter(
      (message) => message !== '' && !known.has(message),
    );
    if (fresh.length === 0) continue;
    for (const message of fresh) known.add(message);
    by.set(file, fresh);
  }
  return by;
}

/** The names that a message leaves open, also in the branches of a plural. */
const namesIn = (elements) =>
  elements.flatMap((element) => [
    ...(element.type === TYPE.literal || element.type === TYPE.pound ? [] : [element.value]),
    ...Object.values(element.options ?? {}).flatMap(({ value }) => namesIn(value)),
  ]);

/** The codes of facts with the names that each leaves open, from the English catalogue. */
function codes() {
  const facts = Object.entries(JSON.parse(readFileSync(path.join(root, FACTS), 'utf8')));
  const lines = facts.map(([code, message]) => {
    const names = [...new Set(namesIn(parse(message, { ignoreTag: true })))];
    const union = names.map((name) => JSON.stringify(name)).join(' | ') || 'never';
    return `  ${JSON.stringify(code)}: ${union};`;
  });
  return `/* Written by \`npm run -s words\` from ${FACTS}. */\n\n/** Every code of a fact, with the names of what fills it. */\nexport interface Codes {\n${lines.join('\n')}\n}\n`;
}

if (process.argv.includes('--list')) {
  process.stdout.write(JSON.stringify([...messages().values()].flat()));
} else {
  const lines = [...messages()].map(
    ([file, own]) => `  // ${file}\n${own.map((each) => `  | ${JSON.stringify(each)}`).join('\n')}`,
  );
  const text = `/* Written by \`npm run -s words\` from the sources: every message of the interface, by the file that says it first. */\n\nexport type Message =\n${lines.join('\n')};\n`;
  const { format, resolveConfig } = await import('prettier');
  for (const [file, made] of [
    [CATALOGUE, text],
    [CODES, codes()],
  ]) {
    const to = path.join(root, file);
    const pretty = await format(made, { ...(await resolveConfig(to)), parser: 'typescript' });
    if (!process.argv.includes('--check')) writeFileSync(to, pretty);
    else if (readFileSync(to, 'utf8') !== pretty) {
      process.stderr.write(`${file} is older than the sources: npm run -s words\n`);
      process.exit(1);
    }
  }
}
