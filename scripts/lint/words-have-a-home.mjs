// What a person reads stands in src/words, never in a screen. Codes (ids, class names, units) are no words.

/** Properties whose text is always read or read out. */
const READ = /^(aria-(label|description|roledescription|valuetext)|alt|title|placeholder|label|legend|note|hint|none|text|lead|of|what)$/
/** Properties whose text is never read. */
const CODE = /^(className|style|key|id|d|viewBox|transform|href|src|rel|accept|autoComplete|stroke\w*|preserveAspectRatio|data-.*)$/
/** Symbols of units are the same in every language. */
const UNIT = /^[\s\d\p{P}\p{S}]*(N·m|N|kN|V|A|W|Wh|mm|cm|m|km|kg|g|°C|Ω|mΩ|bar|psi|kPa)?[\s\d\p{P}\p{S}]*$/u

const letters = (text) => /\p{L}{2,}/u.test(text) && !UNIT.test(text)
const sentence = (text) => letters(text) && (/^\s*\p{Lu}/u.test(text) || /\p{L}\S* +\S+ +\S*\p{L}/u.test(text) || /[^\x20-\x7e]/.test(text))

export default {
  meta: {
    type: 'problem',
    messages: { words: '“{{text}}” is read by people: it goes into src/words.' },
    schema: [],
  },
  create(context) {
    const report = (node, text) => context.report({ node, messageId: 'words', data: { text: text.trim().slice(0, 40) } })

    /** Follows an expression to the texts that it can come out as. */
    function comesOutAs(node, says) {
      switch (node?.type) {
        case 'Literal':
          if (typeof node.value === 'string' && says(node.value)) report(node, node.value)
          break
        case 'TemplateLiteral':
          for (const q of node.quasis) if (says(q.value.cooked)) report(q, q.value.cooked)
          for (const e of node.expressions) comesOutAs(e, says)
          break
        case 'ConditionalExpression':
          comesOutAs(node.consequent, says)
          comesOutAs(node.alternate, says)
          break
        case 'LogicalExpression':
          if (node.operator !== '&&') comesOutAs(node.left, says)
          comesOutAs(node.right, says)
          break
        case 'BinaryExpression':
          if (node.operator === '+') for (const side of [node.left, node.right]) comesOutAs(side, says)
          break
        case 'TSAsExpression':
        case 'TSNonNullExpression':
          comesOutAs(node.expression, says)
          break
        case 'ArrayExpression':
          for (const e of node.elements) comesOutAs(e, says)
          break
        case 'SpreadElement':
          comesOutAs(node.argument, says)
          break
        // What is handed to a function may be an id: only what looks like a sentence counts, but to `count` it is always a word.
        case 'CallExpression':
          for (const a of node.arguments) comesOutAs(a, node.callee.name === 'count' ? letters : sentence)
          if (node.callee.type === 'MemberExpression') comesOutAs(node.callee.object, says)
          break
        default:
      }
    }
    return {
      JSXText: (node) => letters(node.value) && report(node, node.value),
      JSXExpressionContainer(node) {
        if (node.parent.type !== 'JSXAttribute') comesOutAs(node.expression, letters)
      },
      JSXAttribute(node) {
        const name = node.name.type === 'JSXIdentifier' ? node.name.name : node.name.name.name
        if (CODE.test(name) || !node.value) return
        comesOutAs(node.value.type === 'JSXExpressionContainer' ? node.value.expression : node.value, READ.test(name) ? letters : sentence)
      },
    }
  },
}
