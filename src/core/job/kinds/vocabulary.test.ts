import { createHash } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { SHAPES } from '../../../../tests/samples'
import { VOCABULARY } from '../../build'
import { KIND_IDS } from '../index'

interface Described {
  readonly type: string
  readonly oneOf?: readonly unknown[]
  readonly fields?: Readonly<Record<string, Described>>
  readonly innerType?: Described
}

/** Every closed list of ids in the schemas of entries, by its first path; the same list at two places is one. */
function closedLists(): string[] {
  const found = new Set<string>()
  const walk = (d: Described): void => {
    if (d.oneOf && d.oneOf.length > 0) found.add(JSON.stringify([...d.oneOf].sort()))
    for (const field of Object.values(d.fields ?? {})) walk(field)
    if (d.innerType) walk(d.innerType)
  }
  for (const kind of KIND_IDS) for (const schema of Object.values(SHAPES[kind].versions)) walk(schema.describe() as Described)
  return [...found].sort()
}

/** The closed lists of each vocabulary number. One that was given out is never changed: an older tablet goes by it. */
const KNOWN: Readonly<Record<number, string>> = {
  1: 'c0c4517deaf7c0ff',
  2: '422358cc1914161b',
  3: '5311fa47702a506d',
  4: 'ea7c0c55784c509c',
  5: '483a7b5f1a07438e',
  6: '89945e896935d954',
  7: 'a7f7c5ec12dd5a47',
  8: '969e4c138cd38348',
  9: 'a6b6810558d6d177',
}

describe('the vocabulary of entries', () => {
  it('has a number, which rises with every id that is added to a closed list', () => {
    const lists = closedLists()
    expect(lists.length).toBeGreaterThan(15)
    const digest = createHash('sha256').update(lists.join('\n')).digest('hex').slice(0, 16)
    // Another digest than its number has: a list has changed. Raise VOCABULARY in core/build.ts and write the new digest here.
    expect({ number: VOCABULARY, digest }).toEqual({ number: VOCABULARY, digest: KNOWN[VOCABULARY] })
    expect(Math.max(...Object.keys(KNOWN).map(Number))).toBe(VOCABULARY)
  })
})
