// Small changes that can be made to code, and code in which they lie ready.
import ts from 'typescript'

const SWAPPED = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '&&': '||',
  '||': '&&',
}
/** Ends of a band, and what is read of one. */
const OTHER_END = { low: 'high', likely: 'high', high: 'low' }
const OTHER_OF = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor', round: 'floor' }

const parsed = (file, text) => ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)

/** What a node can become; undefined for one that is left alone. */
function changeOf(node) {
  if (ts.isNumericLiteral(node)) {
    const value = Number(node.text.replaceAll('_', ''))
    return { was: node.getText(), to: String(Number.isInteger(value) ? value + 1 : value * 1.1) }
  }
  if (ts.isBinaryExpression(node)) {
    const was = node.operatorToken.getText()
    const isText = /['"`]/.test(node.left.getText() + node.right.getText())
    const to = was === '+' && isText ? undefined : SWAPPED[was]
    return to && { was, to }
  }
  if (ts.isPropertyAccessExpression(node) && node.expression.getText() === 'Math') {
    const to = OTHER_OF[node.name.text]
    return to && { was: `Math.${node.name.text}`, to: `Math.${to}` }
  }
  if (ts.isPropertyAccessExpression(node) && Object.hasOwn(OTHER_END, node.name.text)) {
    const of = `${node.expression.getText()}${node.questionDotToken ? '?' : ''}`
    return { was: node.getText(), to: `${of}.${OTHER_END[node.name.text]}` }
  }
  if (node.kind === ts.SyntaxKind.TrueKeyword) return { was: 'true', to: 'false' }
  if (node.kind === ts.SyntaxKind.FalseKeyword) return { was: 'false', to: 'true' }
  return undefined
}

const isLeftAlone = (node) =>
  ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isInterfaceDeclaration(node)

/** Every change that can be made in a file: at which place and line, what is there, and what it becomes. */
export function changesIn(file, text) {
  const source = parsed(file, text)
  const found = []
  const visit = (node) => {
    if (isLeftAlone(node)) return
    const change = changeOf(node)
    if (change) {
      const line = source.getLineAndCharacterOfPosition(placeOf(node)).line + 1
      found.push({ file, line, place: placeOf(node), ...change })
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/** The place of what changes; that of a sum is its sign, that of a field its name. */
function placeOf(node) {
  if (ts.isBinaryExpression(node)) return node.operatorToken.getStart()
  return ts.isPropertyAccessExpression(node) ? node.name.getStart() : node.getStart()
}

/**
 * The file with all the changes in it, each of them made only while `__mutant` says so of its number. So one text
 * does for all of them, and is compiled once.
 * @param numbers the number of each change, by its place
 */
export function withChanges(file, text, numbers) {
  const source = parsed(file, text)
  const write = (node) => {
    const number = isLeftAlone(node) ? undefined : numbers.get(placeOf(node))
    const change = number === undefined ? undefined : changeOf(node)
    if (!change) return inside(node)
    const isMade = `globalThis.__mutant(${number})`
    if (ts.isBinaryExpression(node)) {
      const [left, right] = [write(node.left), write(node.right)]
      return `(${isMade} ? (${left} ${change.to} ${right}) : (${left} ${change.was} ${right}))`
    }
    const either = `(${isMade} ? ${change.to} : ${change.was})`
    return ts.isPropertyAssignment(node.parent) && node.parent.name === node
      ? `[${either}]`
      : either
  }
  const inside = (node) => {
    let written = ''
    let from = node.getStart()
    ts.forEachChild(node, (child) => {
      written += text.slice(from, child.getStart()) + write(child)
      from = child.getEnd()
    })
    return written + text.slice(from, node.getEnd())
  }
  return text.slice(0, source.getStart()) + inside(source) + text.slice(source.getEnd())
}
