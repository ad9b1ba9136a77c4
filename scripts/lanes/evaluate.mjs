/* The value of a constant expression of the model, as TypeScript would compute it. */
import ts from 'typescript';

const BINARY = {
  [ts.SyntaxKind.PlusToken]: (a, b) => a + b,
  [ts.SyntaxKind.MinusToken]: (a, b) => a - b,
  [ts.SyntaxKind.AsteriskToken]: (a, b) => a * b,
  [ts.SyntaxKind.SlashToken]: (a, b) => a / b,
  [ts.SyntaxKind.AsteriskAsteriskToken]: (a, b) => a ** b,
};

/** What an expression wraps for the type checker alone. */
export function bare(node) {
  while (
    ts.isParenthesizedExpression(node) ||
    ts.isNonNullExpression(node) ||
    ts.isAsExpression(node)
  )
    node = node.expression;
  return node;
}

/** Declaration that a name stands for, through imports. */
export function declarationOf(checker, name) {
  let symbol = ts.isShorthandPropertyAssignment(name.parent)
    ? checker.getShorthandAssignmentValueSymbol(name.parent)
    : checker.getSymbolAtLocation(name);
  if (symbol && symbol.flags & ts.SymbolFlags.Alias) symbol = checker.getAliasedSymbol(symbol);
  return symbol?.valueDeclaration;
}

/** True of a `const` that stands in a file, not in a function. */
export const isFileConst = (node) =>
  node !== undefined &&
  ts.isVariableDeclaration(node) &&
  ts.isVariableStatement(node.parent.parent) &&
  ts.isSourceFile(node.parent.parent.parent) &&
  (node.parent.flags & ts.NodeFlags.Const) !== 0;

/** The one expression that a function returns, or undefined. */
function returned(fn) {
  if (!fn.body) return undefined;
  if (!ts.isBlock(fn.body)) return fn.body;
  const [only, ...others] = fn.body.statements;
  return others.length === 0 && only && ts.isReturnStatement(only) ? only.expression : undefined;
}

/** The function that a declaration declares, or undefined. */
export function functionOf(declaration) {
  if (!declaration) return undefined;
  if (ts.isFunctionDeclaration(declaration)) return declaration.body ? declaration : undefined;
  const body = ts.isVariableDeclaration(declaration) && declaration.initializer;
  return body && ts.isArrowFunction(body) ? body : undefined;
}

/**
 * Evaluates an expression.
 *
 * @param known values of names that stand for arguments
 * @returns a number, string, list or record; undefined where it is not constant
 */
export function evaluate(checker, node, known = new Map()) {
  const value = (each) => evaluate(checker, each, known);
  node = bare(node);
  if (ts.isNumericLiteral(node)) return Number(node.text);
  if (ts.isStringLiteral(node)) return node.text;
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
    const of = value(node.operand);
    return typeof of === 'number' ? -of : undefined;
  }
  if (ts.isBinaryExpression(node) && BINARY[node.operatorToken.kind]) {
    const [a, b] = [value(node.left), value(node.right)];
    const numbers = typeof a === 'number' && typeof b === 'number';
    return numbers ? BINARY[node.operatorToken.kind](a, b) : undefined;
  }
  if (ts.isArrayLiteralExpression(node)) {
    const all = node.elements.map(value);
    return all.includes(undefined) ? undefined : all;
  }
  if (ts.isObjectLiteralExpression(node)) {
    const all = {};
    for (const property of node.properties) {
      if (!ts.isPropertyAssignment(property)) return undefined;
      all[property.name.text] = value(property.initializer);
    }
    return all;
  }
  if (ts.isPropertyAccessExpression(node)) {
    if (ts.isIdentifier(node.expression) && node.expression.text === 'Math')
      return node.name.text === 'PI' ? Math.PI : undefined;
    return value(node.expression)?.[node.name.text];
  }
  if (ts.isElementAccessExpression(node))
    return value(node.expression)?.[value(node.argumentExpression)];
  if (ts.isIdentifier(node)) {
    if (node.text === 'Infinity') return Infinity;
    const declaration = declarationOf(checker, node);
    if (known.has(declaration)) return known.get(declaration);
    if (!isFileConst(declaration) || functionOf(declaration) || !declaration.initializer)
      return undefined;
    return declaration.type && !isNumeric(declaration.type)
      ? record(checker, declaration)
      : evaluate(checker, declaration.initializer);
  }
  if (ts.isCallExpression(node)) return called(checker, node, known);
  return undefined;
}

const isNumeric = (type) => type.kind === ts.SyntaxKind.NumberKeyword || type.getText() === 'Count';

/** A record or list of numbers that is never written: not the scratch of a function, which names an interface of its own. */
function record(checker, declaration) {
  const type = declaration.type.getText();
  const fixed = type.startsWith('Record<') || type.startsWith('readonly ');
  return fixed ? evaluate(checker, declaration.initializer) : undefined;
}

function called(checker, node, known) {
  const args = node.arguments.map((each) => evaluate(checker, each, known));
  if (args.includes(undefined)) return undefined;
  const { expression } = node;
  if (ts.isPropertyAccessExpression(expression)) {
    const isMath = ts.isIdentifier(expression.expression) && expression.expression.text === 'Math';
    return isMath ? Math[expression.name.text](...args) : undefined;
  }
  const fn = functionOf(declarationOf(checker, expression));
  const body = fn && returned(fn);
  if (!body) return undefined;
  return evaluate(checker, body, new Map(fn.parameters.map((each, i) => [each, args[i]])));
}
