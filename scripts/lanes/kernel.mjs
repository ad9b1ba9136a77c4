/*
 * npm run kernel: compiles the model's functions for four balls at a time into src/core/model/batch/compiled.ts, and what hands
 * it its numbers into kernel.ts.
 * `--check` compiles and says whether what is there is what the sources make.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import asc from 'assemblyscript/asc';
import * as prettier from 'prettier';
import ts from 'typescript';
import { evaluate } from './evaluate.mjs';
import { Translator } from './translate.mjs';

const here = path.dirname(fileURLToPath(import.meta.url));
const root = path.resolve(here, '../..');
const TARGET = path.join(root, 'src/core/model/batch/kernel.ts');
const COMPILED = path.join(root, 'src/core/model/batch/compiled.ts');

/** What made files begin with. */
const MADE = '/* Made by `npm run kernel` from the model and scripts/lanes; not edited by hand. */';

/** What the driver calls: file and function. */
const CALLED = [
  ['spread/footing', 'madeWith'],
  ['shot/strike', 'swingInSteps'],
  ['shot/finish', 'finishOf'],
  ['shot/outcome', 'outcomeAhead'],
];
/** Constants that it needs. */
const NEEDED = [
  ['passage/passage', 'STEPS'],
  ['passage/passage', 'MANY_STEPS'],
  ['passage/passage', 'DOUBTFUL'],
];
/** What it finds in memory: its name there, the function that takes it, the parameter, and whether the page hands it over. */
const FOUND = [
  ['SWING', 'madeWith', 'swing', false],
  ['ERROR', 'madeWith', 'out', false],
  ['FOOTING', 'madeWith', 'footing', true],
  ['INTENT', 'swingInSteps', 'intent', true],
  ['AHEAD', 'finishOf', 'ahead', true],
  ['STAKES', 'outcomeAhead', 'stakes', true],
];
/** Bytes of memory: what is fixed, and what the page gives to swings and answers. */
const PAGES = 64;

const PUT = `
/** The kernel's memory, as numbers and as masks. */
export interface Memory {
  numbers: Float32Array;
  masks: Int32Array;
}

/** Writes a number for one of four balls or, below 0, for all. */
function put(into: Float32Array | Int32Array, at: number, value: number, lane: number): void {
  if (lane >= 0) {
    into[at + lane] = value;
    return;
  }
  into[at] = value;
  into[at + 1] = value;
  into[at + 2] = value;
  into[at + 3] = value;
}`;

/** Compiles AssemblyScript. @throws Error with what the compiler said */
async function compiled(text) {
  let binary = null;
  const { error, stderr } = await asc.main(
    [
      'kernel.ts',
      '-O3',
      '--converge',
      '--noAssert',
      '--enable',
      'simd',
      '--runtime',
      'stub',
      '--use',
      'abort=',
      '--initialMemory',
      `${PAGES}`,
      '--maximumMemory',
      `${PAGES}`,
      '--memoryBase',
      '32768',
      '-o',
      'kernel.wasm',
    ],
    {
      readFile: (name) => (name === 'kernel.ts' ? text : null),
      writeFile: (name, contents) => {
        if (name === 'kernel.wasm') binary = contents;
      },
      listFiles: () => [],
    },
  );
  if (error || !binary) throw new Error(`${error ?? ''}\n${stderr.toString()}`);
  return binary;
}

/** @returns {Promise<Record<string, string>>} the files that are made, by their names */
export async function kernelModules() {
  const file = (name) => path.join(root, 'src/core/model', `${name}.ts`);
  const { config } = ts.readConfigFile(path.join(root, 'tsconfig.json'), ts.sys.readFile);
  const { options } = ts.convertCompilerOptionsFromJson(config.compilerOptions, root);
  const program = ts.createProgram([...new Set(CALLED.map(([name]) => file(name)))], options);
  const translator = new Translator(program);
  const checker = program.getTypeChecker();
  const exported = (name, what) =>
    checker
      .getExportsOfModule(checker.getSymbolAtLocation(program.getSourceFile(file(name))))
      .find((each) => each.name === what).valueDeclaration;
  const declared = new Map();
  for (const [name, fn] of CALLED) {
    const declaration = exported(name, fn);
    declared.set(fn, translator.functionName(declaration, declaration).fn);
  }
  const constants = NEEDED.map(
    ([name, what]) => `const ${what} = ${evaluate(checker, exported(name, what).initializer)};`,
  ).join('\n');
  for (const [name, fn, parameter, handed] of FOUND) {
    const node = declared.get(fn).parameters.find((each) => each.name.text === parameter);
    const type = checker.getTypeAtLocation(node);
    translator.root(name, translator.structOf(type, node), handed);
  }
  const read = (name) => readFileSync(path.join(here, name), 'utf8');
  const { text, puts } = translator.result(
    read('library.as.ts'),
    `${constants}\n${read('drive.as.ts')}`,
  );
  if (process.env.KERNEL_TEXT) writeFileSync(process.env.KERNEL_TEXT, text);
  const binary = await compiled(text);
  const src = path.join(root, 'src');
  const from = (struct) =>
    `@/${path.relative(src, translator.fileOf(struct)).replace(/\.ts$/, '')}`;
  const source = [
    MADE,
    ...puts.map(({ struct }) => `import type { ${struct} } from '${from(struct)}';`),
    PUT,
    ...puts.map(
      ({ struct, lines, at }) =>
        `/** Where the numbers of its ${struct} stand. */
        export const ${struct.toUpperCase()} = ${JSON.stringify(at)} as const;

        /** Hands the kernel its ${struct}, for one of four balls or, below 0, for all. */
        export function put${struct}(memory: Memory, from: ${struct}, lane = -1): void {
          ${lines.join('\n')}
        }`,
    ),
  ].join('\n\n');
  const compiledModule = [
    MADE,
    `/** The compiled kernel, base64. */\nexport const KERNEL = '${Buffer.from(binary).toString('base64')}';`,
  ].join('\n\n');
  const style = await prettier.resolveConfig(TARGET);
  const formatted = (text) => prettier.format(text, { ...style, parser: 'typescript' });
  return { [TARGET]: await formatted(source), [COMPILED]: await formatted(compiledModule) };
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const made = Object.entries(await kernelModules());
  if (process.argv.includes('--check')) {
    const same = made.every(([file, text]) => readFileSync(file, 'utf8') === text);
    console.log(
      same
        ? 'The kernel is what the model makes.'
        : 'The kernel is not what the model makes: npm run kernel.',
    );
    process.exitCode = same ? 0 : 1;
  } else {
    for (const [file, text] of made) {
      writeFileSync(file, text);
      console.log(`${path.relative('.', file)}: ${text.length} characters`);
    }
  }
}
