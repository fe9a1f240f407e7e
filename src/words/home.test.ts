import { Linter } from 'eslint'
import { describe, expect, it } from 'vitest'
import wordsHaveAHome from '../../scripts/lint/words-have-a-home.mjs'

/** How often the rule speaks up about a screen. */
function told(code: string): number {
  const found = new Linter().verify(
    code,
    [
      {
        files: ['**/*.jsx'],
        plugins: { own: { rules: { 'words-have-a-home': wordsHaveAHome as never } } },
        languageOptions: { parserOptions: { ecmaFeatures: { jsx: true } } },
        rules: { 'own/words-have-a-home': 'error' },
      },
    ],
    'screen.jsx',
  )
  expect(found.filter((m) => m.fatal)).toEqual([])
  return found.length
}

describe('a text that is read by people goes into src/words', () => {
  it.each([
    ['as a child', '<p>Loose nut</p>', 1],
    ['in braces', '<p>{"loose"}</p>', 1],
    ['in a template', '<p>{`${n} loose`}</p>', 1],
    ['on either side of a choice', '<p>{a ? "on" : b ? "off" : c}</p>', 2],
    ['instead of nothing', '<p>{a ?? "nobody"}{a && "somebody"}</p>', 2],
    ['put together', '<p>{"about " + n}</p>', 1],
    ['in a list that is joined', '<p>{["one", ...two].join(", ")}</p>', 1],
    ['between two of a list', '<p>{two.join(" and then the ")}</p>', 1],
    ['counted', '<p>{count(n, "screw")}</p>', 1],
    ['read out', '<p aria-label="tray" />', 1],
    ['as a sentence in a property of our own', '<Card says="Not that one" />', 1],
    ['with its unit', '<p>{n} min</p>', 1],
  ])('%s', (_, code, times) => expect(told(`export const A = () => ${code}`)).toBe(times))
  it.each([
    ['a code in a property', '<Card limb="down" kind={a ? "one" : "two"} />'],
    ['classes', '<p className="mt-2 text-steel" />'],
    ['a sign', '<p>▲ {text}</p>'],
    ['a unit alone', '<p>{n} N·m</p>'],
    ['an id that something is asked by', '<p>{names.get("front-motor")}</p>'],
    ['what is compared', '<p>{a === "left" ? b : c}</p>'],
    ['what a tap does', '<Button onClick={() => open("Sheet one")} />'],
  ])('but not %s', (_, code) => expect(told(`export const A = () => ${code}`)).toBe(0))
})
