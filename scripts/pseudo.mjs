/**
 * A language that is only pretended: every letter of a word is another, its shape kept. Built from the words of
 * wording and messages, it shows on a screen or in an answer what was never said through them. Standards' names, ids,
 * units, gases, the product's name and whatever the user typed stay as they are.
 */
import ts from 'typescript'

/** Words that every language leaves as they are. */
export const KEEP = new Set(
  `Pepper Knot AWS ISO EN DIN IEC NEC NFPA OSHA ASTM ASM ANSI US JSON CSV OpenAPI API HTTP
  mm cm km in ft thou mil ipm cfh cuft lpm mpm mph kg lb oz bar psi kPa MPa kJ kN Nm lbf cu min sec AWG Al
  Ar CO He DCEP DCEN PTFE MIG TIG GMAW FCAW SAW UTF OK IR id
  ER ERCuSi ERCuAl ERCuSn ERCuNi ERCu SG GS Ni Cr Mo Si Mn Mg Cu Ti FC WC SS TS PT UDS NO`.split(/\s+/),
)
const TO = Object.fromEntries(
  [...'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'].map((letter, i) => [
    letter,
    [...'åƀçđéƒĝĥîĵķļɱñöþɋŕšţûṽŵẋýžÅƁÇĐÉƑĜĤÎĴĶĻṀÑÖÞɊŔŠŢÛṼŴẊÝŽ'][i],
  ]),
)
/** A word is left where it stands in KEEP, or carries a figure: E71T-11, CO2, 1st. */
export const pseudo = (text) =>
  text.replace(/[A-Za-z0-9]+/g, (word) =>
    KEEP.has(word) || /\d/.test(word) || word.length === 1 ? word : word.replace(/[A-Za-z]/g, (l) => TO[l]),
  )
/** A message of the interface: its placeholders are names, not words. */
export const pseudoMessage = (text) =>
  text.replace(/\{[^}]*\}|@:\S+|[^{@]+/g, (part) => (/^[{@]/.test(part) ? part : pseudo(part)))

const ID = /^[a-z][A-Za-z0-9]*(?:-[A-Za-z0-9]+)*$/
const compares = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.InKeyword,
])
/** Files of wording that hold no words of their own, or words that are typed and not said. */
const NO_WORDS = /\/wording\/en\/(?:answer|index|search|openapi)\.ts$/

/** The source of a file of wording, its words pretended. */
export function pseudoSource(code, path = '') {
  if (NO_WORDS.test(path)) return code
  const source = ts.createSourceFile('words.ts', code, ts.ScriptTarget.Latest, true)
  const edits = []
  const isWord = (node) => {
    const { parent } = node
    if (ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent) || ts.isLiteralTypeNode(parent))
      return false
    if (ts.isPropertyAssignment(parent) && parent.name === node) return false
    if (ts.isElementAccessExpression(parent) || ts.isCaseClause(parent)) return false
    if (ts.isBinaryExpression(parent) && compares.has(parent.operatorToken.kind)) return false
    if ((ts.isCallExpression(parent) || ts.isArrayLiteralExpression(parent)) && ID.test(node.text))
      return false
    return true
  }
  /** A name put together of names: `gun-${rule}`. */
  const isName = (node) =>
    [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].every((text) =>
      /^[a-z-]*$/.test(text),
    ) && node.head.text.includes('-')
  const visit = (node) => {
    if (ts.isTemplateExpression(node) && isName(node)) return
    if (ts.isStringLiteralLike(node)) {
      if (isWord(node)) edits.push([node.getStart() + 1, node.end - 1])
    } else if (ts.isTemplateHead(node)) edits.push([node.getStart() + 1, node.end - 2])
    else if (ts.isTemplateMiddle(node)) edits.push([node.getStart() + 1, node.end - 2])
    else if (ts.isTemplateTail(node)) edits.push([node.getStart() + 1, node.end - 1])
    ts.forEachChild(node, visit)
  }
  visit(source)
  let out = code
  for (const [from, to] of edits.sort((a, b) => b[0] - a[0]))
    out =
      out.slice(0, from) +
      out.slice(from, to).replace(/\\u[0-9a-f]{4}|\\.|[^\\]+/g, (s) => (s.startsWith('\\') ? s : pseudo(s))) +
      out.slice(to)
  return out
}

/** Words in a text that no language left there: to be shown, not to be told. */
export const english = (text) =>
  [...text.matchAll(/[A-Za-zÀ-ɏḀ-ỿ0-9’'.-]+/g)]
    .map(([word]) => word.replace(/^[’'.-]+|[’'.-]+$/g, ''))
    .flatMap((word) => (/\d/.test(word) ? [] : word.split(/[-.’']/)))
    .filter((word) => /^[A-Za-z]{3,}$/.test(word) && !KEEP.has(word))
