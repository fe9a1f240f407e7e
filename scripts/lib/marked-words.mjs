// Marks every text in src/words, so that a walk through the app can tell what is said by words and what stands in a screen.
// `NAILSMITH_WORDS=marked` builds the app with it, beside the real one.
import ts from 'typescript'

const OPEN = '⟦'
const CLOSE = '⟧'
/** Properties that hold a code and not a text. */
const CODES = new Set(['tone', 'look', 'level', 'asks', 'kind', 'is', 'unit', 'id', 'sign'])
const says = (text) => /\p{L}{2,}/u.test(text)

export default function markWords(source) {
  const file = ts.createSourceFile('words.ts', source, ts.ScriptTarget.Latest, true)
  const ours = new Set()
  for (const s of file.statements)
    if (ts.isImportDeclaration(s) && /core\//.test(s.moduleSpecifier.text))
      s.importClause?.namedBindings?.elements?.forEach((e) => ours.add(e.name.text))
  const edits = []
  const mark = (node, from, to) => edits.push([from, to, node])
  const isCode = (node) => {
    const p = node.parent
    if (ts.isBinaryExpression(p))
      return (
        p.operatorToken.kind !== ts.SyntaxKind.PlusToken &&
        p.operatorToken.kind !== ts.SyntaxKind.QuestionQuestionToken &&
        p.operatorToken.kind !== ts.SyntaxKind.BarBarToken
      )
    if (ts.isCaseClause(p) || ts.isElementAccessExpression(p) || ts.isLiteralTypeNode(p)) return true
    if (ts.isPropertyAssignment(p)) return p.name === node || CODES.has(p.name.getText())
    if (ts.isCallExpression(p) && p.expression !== node) {
      const callee = p.expression
      if (ts.isPropertyAccessExpression(callee)) return !/^(join|push)$/.test(callee.name.text)
      return ours.has(callee.getText())
    }
    return false
  }
  const visit = (node) => {
    if (ts.isNewExpression(node)) return
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isTypeAliasDeclaration(node) || ts.isInterfaceDeclaration(node)) return
    if ((ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) && says(node.text) && !isCode(node))
      mark(node, node.getStart() + 1, node.end - 1)
    if (ts.isTemplateExpression(node)) {
      const texts = [node.head.text, ...node.templateSpans.map((s) => s.literal.text)]
      if (texts.some(says) && !isCode(node)) mark(node, node.getStart() + 1, node.end - 1)
    }
    ts.forEachChild(node, visit)
  }
  visit(file)
  const points = edits.flatMap(([from, to]) => [
    { at: from, text: OPEN },
    { at: to, text: CLOSE },
  ])
  let out = source
  for (const { at, text } of points.sort((a, b) => b.at - a.at)) out = out.slice(0, at) + text + out.slice(at)
  return out
}
