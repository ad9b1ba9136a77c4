/* Translates sources that a test hands over, as JSON on standard input: the text of each, or why it is refused. */
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import ts from 'typescript';
import { Translator } from './translate.mjs';

const folder = mkdtempSync(path.join(os.tmpdir(), 'lanes-'));

/** The AssemblyScript of the function `f` of a source. */
function translated(source) {
  const file = path.join(folder, 'tried.ts');
  writeFileSync(file, source);
  const program = ts.createProgram([file], { target: ts.ScriptTarget.ES2022, strict: true });
  const translator = new Translator(program);
  const checker = program.getTypeChecker();
  const exported = checker.getSymbolAtLocation(program.getSourceFile(file));
  const { valueDeclaration } = checker
    .getExportsOfModule(exported)
    .find(({ name }) => name === 'f');
  try {
    translator.functionName(valueDeclaration, valueDeclaration);
    return { text: translator.result('', '').text };
  } catch (error) {
    return { refused: error.message };
  }
}

console.log(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(translated)));
rmSync(folder, { recursive: true });
