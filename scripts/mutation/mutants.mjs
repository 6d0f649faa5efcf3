import ts from 'typescript';

/** Either of a pair stands for the other. */
const swapped = (pairs) =>
  new Map(
    pairs.flatMap(([one, other]) => [
      [one, other],
      [other, one],
    ]),
  );
const OTHER_OPERATOR = swapped([
  ['+', '-'],
  ['*', '/'],
  ['<', '>='],
  ['<=', '>'],
  ['===', '!=='],
  ['&&', '||'],
]);
const OTHER_CALL = swapped([
  ['max', 'min'],
  ['some', 'every'],
  ['floor', 'ceil'],
  ['find', 'findLast'],
]);

/** A number changed by a few parts in a hundred; counts by one, nothing by one. */
function otherNumber(text) {
  const value = Number(text.replaceAll('_', ''));
  if (value === 0) return '1';
  return Number.isInteger(value) && value < 10 ? String(value + 1) : String(value * 1.05);
}

/** Figures of a table say what the trade says: no test can know better than the table. */
function isTableFigure({ parent }) {
  return ts.isPropertyAssignment(parent) || ts.isArrayLiteralExpression(parent);
}

/** What stands in for a missing element of a list only calms the compiler. */
function isFallback(node) {
  const { parent } = node;
  return (
    ts.isBinaryExpression(parent) &&
    parent.operatorToken.kind === ts.SyntaxKind.QuestionQuestionToken &&
    parent.right === node &&
    ts.isElementAccessExpression(parent.left)
  );
}

function mutantOf(node, source) {
  const at = (target, to) => ({ from: target.getStart(source), until: target.getEnd(), to });
  const operator = ts.isBinaryExpression(node) ? node.operatorToken.getText(source) : '';
  if (OTHER_OPERATOR.has(operator)) {
    const text = [node.left, node.right].some(
      (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
    );
    if (text && operator === '+') return undefined;
    return at(node.operatorToken, OTHER_OPERATOR.get(operator));
  }
  if (ts.isNumericLiteral(node)) {
    return isTableFigure(node) || isFallback(node) ? undefined : at(node, otherNumber(node.text));
  }
  if (node.kind === ts.SyntaxKind.TrueKeyword) return at(node, 'false');
  if (node.kind === ts.SyntaxKind.FalseKeyword) return at(node, 'true');
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) {
    return at(node, node.operand.getText(source));
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
    return at(node, node.operand.getText(source));
  }
  if (
    ts.isPropertyAccessExpression(node) &&
    OTHER_CALL.has(node.name.text) &&
    ts.isCallExpression(node.parent)
  ) {
    return at(node.name, OTHER_CALL.get(node.name.text));
  }
  if (ts.isConditionalExpression(node)) return at(node.condition, `!(${node.condition.getText(source)})`);
  return undefined;
}

/** Small changes that a test should notice: one operator, number, truth or branch each. Types and names are left alone. */
export function mutantsOf(path, text) {
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.ES2022, true);
  const found = [];
  const walk = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    const mutant = mutantOf(node, source);
    if (mutant) {
      const { line } = source.getLineAndCharacterOfPosition(mutant.from);
      found.push({ path, line: line + 1, was: text.slice(mutant.from, mutant.until), ...mutant });
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  return found;
}
