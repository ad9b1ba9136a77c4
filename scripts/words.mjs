/**
 * Writes the catalogue of the interface's words, `src/core/ground/language/catalogue.ts`: every message that the sources say through
 * `t`, `told`, `toldIn` and `choices`, in the order of the files. With `--check` nothing is written, and an old catalogue is a fault;
 * with `--list` the messages are printed as JSON.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = path.join(path.dirname(fileURLToPath(import.meta.url)), '..');
const CATALOGUE = 'src/core/ground/language/catalogue.ts';

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
      (file) => /\.tsx?$/.test(file) && !/\.test\.|testing\/|ground\/language\/|^cli\//.test(file),
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

if (process.argv.includes('--list')) {
  process.stdout.write(JSON.stringify([...messages().values()].flat()));
} else {
  const lines = [...messages()].map(
    ([file, own]) => `  // ${file}\n${own.map((each) => `  | ${JSON.stringify(each)}`).join('\n')}`,
  );
  const text = `/* Written by \`npm run -s words\` from the sources: every message of the interface, by the file that says it first. */\n\nexport type Message =\n${lines.join('\n')};\n`;
  const { format, resolveConfig } = await import('prettier');
  const to = path.join(root, CATALOGUE);
  const pretty = await format(text, { ...(await resolveConfig(to)), parser: 'typescript' });
  if (!process.argv.includes('--check')) writeFileSync(to, pretty);
  else if (readFileSync(to, 'utf8') !== pretty) {
    process.stderr.write('The catalogue of words is older than the sources: npm run -s words\n');
    process.exit(1);
  }
}
