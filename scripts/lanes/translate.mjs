/*
 * Translates the model's own functions into AssemblyScript that computes four balls side by side: a `number` becomes four of them
 * (v128), a `boolean` a mask, a `Count` stays one whole number, an interface becomes a class in fixed memory. What a function may
 * use is a small part of TypeScript; anything else is refused with the place where it stands.
 *
 * - `if`, and what a loop asks of numbers, act on each of the four: what is assigned inside keeps its value where they do not hold.
 *   What none of the four needs is skipped.
 * - A function returns at its end alone. What it returns lies where the next call of it writes: take it apart first.
 * - A parameter called `out` is scratch and is written for all four; other parameters that are written keep what they hold where
 *   the caller's condition does not.
 * - `x?.f()` watches and changes nothing: it is left out, as are optional parameters.
 */
import ts from 'typescript';
import path from 'node:path';
import { bare, declarationOf, evaluate, functionOf, isFileConst } from './evaluate.mjs';

const ALL = 'i32x4.splat(-1)';

const SUM = {
  [ts.SyntaxKind.PlusToken]: 'add',
  [ts.SyntaxKind.MinusToken]: 'sub',
  [ts.SyntaxKind.AsteriskToken]: 'mul',
  [ts.SyntaxKind.SlashToken]: 'div',
};
const ORDER = {
  [ts.SyntaxKind.LessThanToken]: ['lt', '<'],
  [ts.SyntaxKind.LessThanEqualsToken]: ['le', '<='],
  [ts.SyntaxKind.GreaterThanToken]: ['gt', '>'],
  [ts.SyntaxKind.GreaterThanEqualsToken]: ['ge', '>='],
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: ['eq', '=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: ['ne', '!='],
};
const GIVEN = {
  [ts.SyntaxKind.PlusEqualsToken]: ts.SyntaxKind.PlusToken,
  [ts.SyntaxKind.MinusEqualsToken]: ts.SyntaxKind.MinusToken,
  [ts.SyntaxKind.AsteriskEqualsToken]: ts.SyntaxKind.AsteriskToken,
  [ts.SyntaxKind.SlashEqualsToken]: ts.SyntaxKind.SlashToken,
};

const splat = (value) =>
  value === Infinity || value === -Infinity
    ? `f32x4.splat(<f32>(${value < 0 ? '-' : ''}Infinity))`
    : `f32x4.splat(<f32>(${value}))`;

/** A value as lanes: from a known number, a whole number, or what it is already. */
function lanes(value) {
  if (value.kind === 'known') return splat(value.value);
  return value.kind === 'count' ? `f32x4.splat(<f32>(${value.code}))` : value.code;
}
const known = (value) => ({ kind: 'known', value, code: String(value) });

/** First address of what lies in fixed memory; what is below stays free. */
const FIRST = 1024;

export class Translator {
  constructor(program) {
    this.checker = program.getTypeChecker();
    this.functions = new Map();
    this.structs = new Map();
    this.declared = new Map();
    this.slots = [];
    this.slotOf = new Map();
    this.tables = new Map();
    this.roots = [];
    this.pending = [];
  }

  refuse(node, why) {
    const file = node.getSourceFile();
    const { line } = file.getLineAndCharacterOfPosition(node.getStart());
    const where = `${path.relative('.', file.fileName)}:${line + 1}`;
    throw new Error(`${where}: ${why}\n  ${node.getText().slice(0, 160)}`);
  }

  /* Kinds: lanes, mask, count, void, or a class by its name. */

  kindOf(type, annotation, node) {
    if (annotation?.getText() === 'Count') return { kind: 'count' };
    if (type.flags & ts.TypeFlags.Void) return { kind: 'void' };
    const plain = this.checker.getNonNullableType(type);
    if (plain.flags & ts.TypeFlags.NumberLike) return { kind: 'lanes' };
    if (plain.flags & ts.TypeFlags.BooleanLike) return { kind: 'mask' };
    if (this.checker.isTupleType(plain)) {
      const [one] = this.checker.getTypeArguments(plain);
      return { kind: 'list', of: this.structOf(one, node), length: plain.target.fixedLength };
    }
    return { kind: 'struct', name: this.structOf(plain, node) };
  }

  /** The class of an interface; what is picked from one is that one. */
  structOf(type, node) {
    const from = type.aliasSymbol?.name === 'Pick' ? type.aliasTypeArguments[0] : type;
    const name = from.symbol?.name;
    if (!name || name.startsWith('__')) this.refuse(node, 'needs an interface with a name');
    if (!this.structs.has(name)) {
      this.structs.set(name, new Map());
      this.declared.set(name, from.symbol.declarations[0].getSourceFile().fileName);
    }
    return name;
  }

  /** Makes sure that a class has a field. */
  field(struct, property, node) {
    const fields = this.structs.get(struct);
    const name = property.name;
    if (!fields.has(name)) {
      const declaration = property.valueDeclaration;
      const type = this.checker.getTypeOfSymbolAtLocation(property, node);
      fields.set(name, this.kindOf(type, declaration?.type, node));
    }
    return fields.get(name);
  }

  typeOf(kind) {
    if (kind.kind === 'lanes' || kind.kind === 'mask') return 'v128';
    return { count: 'i32', list: 'usize', void: 'void' }[kind.kind] ?? kind.name;
  }

  /* Fixed memory */

  slot(struct, name) {
    const full = `${name}_${this.slots.length}`;
    this.slots.push({ name: full, struct });
    return full;
  }

  /** A class in memory that the page fills, with all that hangs on it. */
  root(name, struct, handed) {
    this.roots.push({ name, struct, handed });
  }

  /* Functions */

  /** Name of a function in the kernel; it is translated when it is first asked for. */
  functionName(declaration, at) {
    const fn = functionOf(declaration);
    if (!fn) this.refuse(at, 'is not a function that can be translated');
    const seen = this.functions.get(fn);
    if (seen) return seen;
    const file = path.basename(fn.getSourceFile().fileName, '.ts');
    const name = `${file}_${declaration.name.text}`;
    const entry = { name, fn, keeps: this.keeps(fn), text: '' };
    this.functions.set(fn, entry);
    this.pending.push(entry);
    return entry;
  }

  /** Whether a function writes to what it was given, other than to `out`. */
  keeps(fn) {
    const given = new Set(fn.parameters.map(({ name }) => name.text).filter((n) => n !== 'out'));
    let found = false;
    const look = (node) => {
      if (
        ts.isBinaryExpression(node) &&
        (node.operatorToken.kind === ts.SyntaxKind.EqualsToken || GIVEN[node.operatorToken.kind]) &&
        ts.isPropertyAccessExpression(node.left) &&
        given.has(node.left.expression.getText())
      )
        found = true;
      ts.forEachChild(node, look);
    };
    look(fn.body);
    return found;
  }

  /** Parameters that the kernel has: those without which a function can be called, and whole numbers. */
  parametersOf(fn) {
    return fn.parameters.filter(({ questionToken }) => !questionToken);
  }

  translateAll() {
    for (let next = this.pending.shift(); next; next = this.pending.shift()) this.translate(next);
  }

  translate(entry) {
    const { fn } = entry;
    const context = { mask: entry.keeps ? 'mask' : null, depth: 0, local: new Map(), entry };
    const before = [];
    const parameters = this.parametersOf(fn).map((parameter, i) => {
      const kind = this.kindOf(
        this.checker.getTypeAtLocation(parameter),
        parameter.type,
        parameter,
      );
      if (!ts.isIdentifier(parameter.name)) {
        this.apart(parameter.name, { ...kind, code: `given${i}` }, context, before);
        return `given${i}: ${this.typeOf(kind)}`;
      }
      context.local.set(parameter, { ...kind, code: `${parameter.name.text}_`, depth: 0 });
      return `${parameter.name.text}_: ${this.typeOf(kind)}`;
    });
    if (entry.keeps) parameters.push('mask: v128');
    const signature = this.checker.getSignatureFromDeclaration(fn);
    const result = this.kindOf(this.checker.getReturnTypeOfSignature(signature), null, fn);
    entry.result = result;
    const lines = ts.isBlock(fn.body)
      ? this.block(fn.body.statements, context)
      : [`return ${this.returned(fn.body, result, context, before)};`];
    const small = !ts.isBlock(fn.body) ? '@inline ' : '';
    entry.text = `${small}function ${entry.name}(${parameters.join(', ')}): ${this.typeOf(result)} {\n${[
      ...before,
      ...lines,
    ].join('\n')}\n}`;
  }

  returned(node, kind, context, lines) {
    if (kind.kind === 'struct' && ts.isObjectLiteralExpression(bare(node))) {
      return this.filled(bare(node), kind.name, context, lines);
    }
    return this.as(this.expression(node, context), kind, node);
  }

  /** Fills a class of its own with an object's properties, and names it. */
  filled(node, struct, context, lines) {
    const slot = this.slot(struct, `${context.entry.name}_result`);
    const type = this.checker.getContextualType(node) ?? this.checker.getTypeAtLocation(node);
    for (const property of node.properties) {
      const symbol = type.getProperty(property.name.text);
      const kind = this.field(struct, symbol, node);
      const initializer = ts.isShorthandPropertyAssignment(property)
        ? property.name
        : property.initializer;
      const value =
        kind.kind === 'struct' && ts.isObjectLiteralExpression(bare(initializer))
          ? this.filled(bare(initializer), kind.name, context, lines)
          : this.as(this.expression(initializer, context), kind, initializer);
      lines.push(`${slot}.${property.name.text} = ${value};`);
    }
    return slot;
  }

  /** A value as a kind wants it. */
  as(value, kind, node) {
    if (kind.kind === 'lanes') {
      if (['lanes', 'known', 'count'].includes(value.kind)) return lanes(value);
    } else if (kind.kind === 'count') {
      if (value.kind === 'count' || value.kind === 'known') return value.code;
    } else if (value.kind === kind.kind) return value.code;
    return this.refuse(node, `is ${value.kind}, not ${kind.kind}`);
  }

  /* Statements */

  block(statements, context) {
    const lines = [];
    for (const statement of statements) this.statement(statement, context, lines);
    return lines;
  }

  statement(node, context, lines) {
    if (ts.isVariableStatement(node)) {
      for (const each of node.declarationList.declarations) this.declare(each, context, lines);
    } else if (ts.isExpressionStatement(node)) this.effect(node.expression, context, lines);
    else if (ts.isIfStatement(node)) this.branch(node, context, lines);
    else if (ts.isForStatement(node)) this.loop(node, context, lines);
    else if (ts.isBlock(node)) lines.push('{', ...this.block(node.statements, context), '}');
    else if (ts.isReturnStatement(node)) {
      const signature = this.checker.getSignatureFromDeclaration(context.entry.fn);
      if (node.parent !== context.entry.fn.body) this.refuse(node, 'returns before the end');
      const kind = this.kindOf(this.checker.getReturnTypeOfSignature(signature), null, node);
      lines.push(`return ${this.returned(node.expression, kind, context, lines)};`);
    } else this.refuse(node, 'is no statement that can be translated');
  }

  declare(node, context, lines) {
    if (ts.isObjectBindingPattern(node.name)) {
      const value = this.expression(node.initializer, context);
      const from = `from${lines.length}_${node.pos}`;
      lines.push(`const ${from} = ${value.code};`);
      this.apart(node.name, { ...value, code: from }, context, lines);
      return;
    }
    const type = this.checker.getTypeAtLocation(node.name);
    const kind = this.kindOf(type, node.type, node);
    const name = this.local(node, kind, context);
    if (kind.kind === 'struct' && ts.isObjectLiteralExpression(bare(node.initializer))) {
      lines.push(
        `const ${name} = ${this.filled(bare(node.initializer), kind.name, context, lines)};`,
      );
      return;
    }
    const value = this.as(this.expression(node.initializer, context), kind, node);
    lines.push(`let ${name}: ${this.typeOf(kind)} = ${value};`);
  }

  /** Declares the names that a pattern takes out of a class. */
  apart(pattern, value, context, lines) {
    for (const element of pattern.elements) {
      const key = (element.propertyName ?? element.name).text;
      const type = this.checker.getTypeAtLocation(pattern);
      const kind = this.field(value.name, type.getProperty(key), element);
      const name = this.local(element, kind, context);
      lines.push(`let ${name}: ${this.typeOf(kind)} = ${value.code}.${key};`);
    }
  }

  local(declaration, kind, context) {
    const code = `${declaration.name.text}_`;
    context.local.set(declaration, { ...kind, code, depth: context.depth });
    return code;
  }

  effect(node, context, lines) {
    node = bare(node);
    if (node.flags & ts.NodeFlags.OptionalChain) return;
    if (ts.isCallExpression(node)) {
      lines.push(`${this.expression(node, context).code};`);
      return;
    }
    if (ts.isBinaryExpression(node)) {
      const operator = node.operatorToken.kind;
      const sum = GIVEN[operator];
      if (operator !== ts.SyntaxKind.EqualsToken && !sum) this.refuse(node, 'does nothing');
      const target = this.expression(node.left, context);
      const right = this.expression(node.right, context);
      const value = sum ? this.sum(sum, target, right, node) : right;
      const outside = target.depth === undefined || target.depth < context.depth;
      const scratch = target.scratch === true;
      const code = this.as(value, target, node);
      const masked =
        context.mask && outside && !scratch
          ? `v128.bitselect(${code}, ${target.code}, ${context.mask})`
          : code;
      lines.push(`${target.code} = ${masked};`);
      return;
    }
    this.refuse(node, 'does nothing');
  }

  branch(node, context, lines) {
    const condition = this.expression(node.expression, context);
    const body = (statement, inside) =>
      ts.isBlock(statement)
        ? this.block(statement.statements, inside)
        : this.block([statement], inside);
    if (condition.kind !== 'mask') this.refuse(node, 'asks something that is not of numbers');
    const outer = context.mask ?? ALL;
    const asked = `asked${node.pos}`;
    lines.push(`const ${asked}: v128 = ${condition.code};`);
    const part = (name, code, statement) => {
      lines.push(`const ${name} = ${code};`, `if (v128.any_true(${name})) {`);
      const inside = { ...context, mask: name, depth: context.depth + 1 };
      lines.push(...body(statement, inside), '}');
    };
    part(`then${node.pos}`, `v128.and(${outer}, ${asked})`, node.thenStatement);
    if (node.elseStatement)
      part(`else${node.pos}`, `v128.andnot(${outer}, ${asked})`, node.elseStatement);
  }

  loop(node, context, lines) {
    const [counter] = node.initializer.declarations;
    const inside = { ...context, depth: context.depth + 1 };
    const name = this.local(counter, { kind: 'count' }, context);
    const first = this.as(this.expression(counter.initializer, context), { kind: 'count' }, node);
    const counts = [];
    const asked = [];
    const split = (each) => {
      each = bare(each);
      if (
        ts.isBinaryExpression(each) &&
        each.operatorToken.kind === ts.SyntaxKind.AmpersandAmpersandToken
      ) {
        split(each.left);
        split(each.right);
        return;
      }
      const value = this.expression(each, context);
      (value.kind === 'mask' ? asked : counts).push(value.code);
    };
    split(node.condition);
    lines.push(`for (let ${name}: i32 = ${first}; ${counts.join(' && ') || 'true'}; ${name}++) {`);
    if (asked.length > 0) {
      const mask = `going${node.pos}`;
      const all = [...(context.mask ? [context.mask] : []), ...asked];
      const code = all.reduce((one, other) => `v128.and(${one}, ${other})`);
      lines.push(`const ${mask} = ${code};`, `if (!v128.any_true(${mask})) break;`);
      inside.mask = mask;
    }
    const body = ts.isBlock(node.statement) ? node.statement.statements : [node.statement];
    lines.push(...this.block(body, inside), '}');
  }

  /* Expressions */

  expression(node, context) {
    node = bare(node);
    const constant = evaluate(this.checker, node);
    if (typeof constant === 'number') return known(constant);
    if (node.kind === ts.SyntaxKind.TrueKeyword) return { kind: 'mask', code: ALL };
    if (node.kind === ts.SyntaxKind.FalseKeyword) return { kind: 'mask', code: 'i32x4.splat(0)' };
    if (ts.isIdentifier(node)) return this.name(node, context);
    if (ts.isPropertyAccessExpression(node)) return this.property(node, context);
    if (ts.isElementAccessExpression(node)) return this.element(node, context);
    if (ts.isPrefixUnaryExpression(node)) return this.unary(node, context);
    if (ts.isBinaryExpression(node)) return this.binary(node, context);
    if (ts.isConditionalExpression(node)) return this.choice(node, context);
    if (ts.isCallExpression(node)) return this.call(node, context);
    return this.refuse(node, 'is no expression that can be translated');
  }

  name(node, context) {
    const declaration = declarationOf(this.checker, node);
    const local = context.local.get(declaration);
    if (local) return local;
    if (isFileConst(declaration) && declaration.type) return this.scratch(declaration);
    return this.refuse(node, 'is not known here');
  }

  /** Scratch of a file, in fixed memory. */
  scratch(declaration) {
    const kind = this.kindOf(
      this.checker.getTypeAtLocation(declaration),
      declaration.type,
      declaration,
    );
    if (kind.kind !== 'struct') this.refuse(declaration, 'is no scratch');
    if (!this.slotOf.has(declaration)) {
      this.slotOf.set(declaration, this.slot(kind.name, declaration.name.text));
    }
    return { kind: 'struct', name: kind.name, code: this.slotOf.get(declaration), scratch: true };
  }

  property(node, context) {
    const object = this.expression(node.expression, context);
    if (object.kind === 'list' && node.name.text === 'length') return known(object.length);
    if (object.kind !== 'struct') this.refuse(node, 'is not a field');
    const type = this.checker.getTypeAtLocation(node.expression);
    const symbol = this.checker.getNonNullableType(type).getProperty(node.name.text);
    const kind = this.field(object.name, symbol, node);
    const out = ts.isIdentifier(node.expression) && node.expression.text === 'out';
    return { ...kind, code: `${object.code}.${node.name.text}`, scratch: object.scratch || out };
  }

  element(node, context) {
    const list = this.expression(node.expression, context);
    const at = this.expression(node.argumentExpression, context);
    if (list.kind !== 'list') this.refuse(node, 'is not in a list of fixed length');
    const size = `offsetof<${list.of}>()`;
    const code = `changetype<${list.of}>(${list.code} + <usize>(${at.code}) * ${size})`;
    return { kind: 'struct', name: list.of, code };
  }

  unary(node, context) {
    const of = this.expression(node.operand, context);
    if (node.operator === ts.SyntaxKind.MinusToken)
      return { kind: 'lanes', code: `f32x4.neg(${lanes(of)})` };
    if (node.operator === ts.SyntaxKind.ExclamationToken && of.kind === 'mask')
      return { kind: 'mask', code: `v128.not(${of.code})` };
    return this.refuse(node, 'is no sign');
  }

  binary(node, context) {
    const operator = node.operatorToken.kind;
    const left = this.expression(node.left, context);
    const right = this.expression(node.right, context);
    if (SUM[operator]) return this.sum(operator, left, right, node);
    if (operator === ts.SyntaxKind.AsteriskAsteriskToken) return this.power(left, right, node);
    if (ORDER[operator]) {
      const [name, sign] = ORDER[operator];
      const whole = (each) => each.kind === 'count' || each.kind === 'known';
      if (whole(left) && whole(right))
        return { kind: 'truth', code: `${left.code} ${sign} ${right.code}` };
      return { kind: 'mask', code: `f32x4.${name}(${lanes(left)}, ${lanes(right)})` };
    }
    const both = {
      [ts.SyntaxKind.AmpersandAmpersandToken]: 'and',
      [ts.SyntaxKind.BarBarToken]: 'or',
    }[operator];
    if (both && left.kind === 'mask' && right.kind === 'mask')
      return { kind: 'mask', code: `v128.${both}(${left.code}, ${right.code})` };
    return this.refuse(node, 'is no operation that can be translated');
  }

  sum(operator, left, right, node) {
    const whole = (each) =>
      each.kind === 'count' || (each.kind === 'known' && Number.isInteger(each.value));
    if (operator === ts.SyntaxKind.SlashToken && right.kind === 'known')
      return this.sum(ts.SyntaxKind.AsteriskToken, left, known(1 / right.value), node);
    if (operator !== ts.SyntaxKind.SlashToken && whole(left) && whole(right)) {
      const sign = { add: '+', sub: '-', mul: '*' }[SUM[operator]];
      return { kind: 'count', code: `(${left.code} ${sign} ${right.code})` };
    }
    return { kind: 'lanes', code: `f32x4.${SUM[operator]}(${lanes(left)}, ${lanes(right)})` };
  }

  power(base, exponent, node) {
    const code = lanes(base);
    if (exponent.value === 2) return { kind: 'lanes', code: `square(${code})` };
    if (exponent.value === 1.5)
      return { kind: 'lanes', code: `f32x4.mul(${code}, f32x4.sqrt(${code}))` };
    return this.refuse(node, 'is a power that is not known');
  }

  choice(node, context) {
    const condition = this.expression(node.condition, context);
    const a = this.expression(node.whenTrue, context);
    const b = this.expression(node.whenFalse, context);
    if (condition.kind !== 'mask') this.refuse(node, 'chooses by what is not of numbers');
    const kind = a.kind === 'mask' ? 'mask' : 'lanes';
    const [one, other] = kind === 'mask' ? [a.code, b.code] : [lanes(a), lanes(b)];
    return { kind, code: `v128.bitselect(${one}, ${other}, ${condition.code})` };
  }

  call(node, context) {
    const { expression } = node;
    if (ts.isPropertyAccessExpression(expression)) {
      const args = node.arguments.map((each) => lanes(this.expression(each, context)));
      return { kind: 'lanes', code: this.mathematics(expression, args) };
    }
    const declaration = declarationOf(this.checker, expression);
    if (expression.text === 'readTable') return this.table(node, context);
    const entry = this.functionName(declaration, node);
    const parameters = this.parametersOf(entry.fn);
    const args = parameters.map((parameter, i) => {
      const given = node.arguments[entry.fn.parameters.indexOf(parameter)] ?? parameter.initializer;
      if (!given) this.refuse(node, `misses argument ${i}`);
      const kind = this.kindOf(
        this.checker.getTypeAtLocation(parameter),
        parameter.type,
        parameter,
      );
      return this.as(this.expression(given, context), kind, given);
    });
    if (entry.keeps) args.push(context.mask ?? ALL);
    const signature = this.checker.getSignatureFromDeclaration(entry.fn);
    const result = this.kindOf(this.checker.getReturnTypeOfSignature(signature), null, node);
    return { ...result, code: `${entry.name}(${args.join(', ')})` };
  }

  mathematics(node, args) {
    if (node.expression.getText() !== 'Math') this.refuse(node, 'is no function of the model');
    return args.length > 2
      ? this.refuse(node, 'takes two numbers at most')
      : `lanes_${node.name.text}(${args.join(', ')})`;
  }

  /** A table as a sum of hinges: the first value, and at every place the change of slope times how far it is past. */
  table(node, context) {
    const [name, at] = node.arguments;
    const rows = evaluate(this.checker, name);
    if (!rows) this.refuse(node, 'reads a table that is not constant');
    const fn = `table_${name.getText()}`;
    if (!this.tables.has(fn)) {
      const hinges = rows.map(([x, y], i) => {
        const slope = (k) => {
          const [one, other] = [rows[k], rows[k + 1]];
          return one && other ? (other[1] - one[1]) / (other[0] - one[0]) : 0;
        };
        return [x, slope(i) - slope(i - 1), y];
      });
      const lines = hinges.map(
        ([x, change]) => `y = f32x4.add(y, f32x4.mul(${splat(change)}, past(x, ${x})));`,
      );
      this.tables.set(
        fn,
        `function ${fn}(x: v128): v128 {\nlet y = ${splat(rows[0][1])};\n${lines.join('\n')}\nreturn y;\n}`,
      );
    }
    return { kind: 'lanes', code: `${fn}(${lanes(this.expression(at, context))})` };
  }

  /* The whole text, and where everything lies */

  sizeOf(struct) {
    let size = 0;
    for (const kind of this.structs.get(struct).values())
      size += this.typeOf(kind) === 'v128' ? 16 : 4;
    return Math.ceil(size / 16) * 16;
  }

  /** Fields with those of 16 bytes first, so that nothing lies between them. */
  fieldsOf(struct) {
    const all = [...this.structs.get(struct)];
    const wide = ([, kind]) => this.typeOf(kind) === 'v128';
    return [...all.filter(wide), ...all.filter((each) => !wide(each))];
  }

  /** Lines that write what an object holds to where the kernel finds it. */
  puts(places, struct, from) {
    return this.fieldsOf(struct).flatMap(([field, kind]) => {
      const at = places[field];
      const value = `${from}.${field}`;
      if (kind.kind === 'lanes') return [`put(memory.numbers, ${at / 4}, ${value}, lane);`];
      if (kind.kind === 'mask') return [`put(memory.masks, ${at / 4}, ${value} ? -1 : 0, lane);`];
      if (kind.kind === 'struct') return this.puts(at, kind.name, value);
      return at.flatMap((each, i) => this.puts(each, kind.of, `${value}[${i}]`));
    });
  }

  /** File that declares an interface. */
  fileOf(struct) {
    return this.declared.get(struct);
  }

  /** @returns the kernel's source, and what writes the objects that the page hands it */
  result(library, drive) {
    this.translateAll();
    let free = FIRST;
    const take = (size) => {
      const at = free;
      free += size;
      return at;
    };
    const globals = this.slots.map(
      ({ name, struct }) => `const ${name} = changetype<${struct}>(${take(this.sizeOf(struct))});`,
    );
    const starts = [];
    const place = (struct, at) => {
      const map = {};
      let offset = at;
      for (const [name, kind] of this.fieldsOf(struct)) {
        if (this.typeOf(kind) === 'v128') {
          map[name] = offset;
          offset += 16;
          continue;
        }
        const target = kind.kind === 'list' ? kind.of : kind.name;
        const count = kind.kind === 'list' ? kind.length : 1;
        const places = Array.from({ length: count }, () => take(this.sizeOf(target)));
        starts.push(`store<u32>(${offset}, ${places[0]});`);
        const parts = places.map((each) => place(target, each));
        map[name] = kind.kind === 'list' ? parts : parts[0];
        offset += 4;
      }
      return map;
    };
    const puts = [];
    for (const { name, struct, handed } of this.roots) {
      const address = take(this.sizeOf(struct));
      globals.push(`const ${name} = changetype<${struct}>(${address});`);
      const places = place(struct, address);
      const numbers = Object.entries(places).filter(([, at]) => typeof at === 'number');
      const at = Object.fromEntries(numbers.map(([field, byte]) => [field, byte / 4]));
      if (handed) puts.push({ struct, lines: this.puts(places, struct, 'from'), at });
    }
    const classes = [...this.structs.keys()].map((name) => {
      const fields = this.fieldsOf(name).map(([field, kind]) => {
        const type = this.typeOf(kind);
        return `${field}: ${type};`;
      });
      return `@unmanaged @final class ${name} { ${fields.join(' ')} }`;
    });
    const text = [
      library,
      '@inline function square(x: v128): v128 { return f32x4.mul(x, x); }',
      '@inline function past(x: v128, from: f64): v128 { return f32x4.pmax(f32x4.splat(0), f32x4.sub(x, f32x4.splat(<f32>from))); }',
      ...classes,
      ...globals,
      ...this.tables.values(),
      ...[...this.functions.values()].map(({ text: each }) => each),
      `function start(): void {\n${starts.join('\n')}\n}`,
      drive,
    ].join('\n\n');
    return { text, puts };
  }
}
