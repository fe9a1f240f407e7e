import { Ajv2020 } from 'ajv/dist/2020'
import { describe, expect, it } from 'vitest'
import { dice } from '../demo/chance'
import { demoMachines } from '../demo/machines'
import { machineFileShape } from './machine-file'
import { machineSchema } from './machine-schema'

const bySchema = new Ajv2020({ strict: false }).compile(machineSchema())
const byShape = (value: unknown): boolean => machineFileShape.isValidSync(value)

type Node = Record<string, unknown> | unknown[]

/** Every place in a JSON value, as its holder and key. */
function places(value: unknown, list: { holder: Node; key: string | number }[] = []): { holder: Node; key: string | number }[] {
  if (value === null || typeof value !== 'object') return list
  for (const key of Array.isArray(value) ? value.keys() : Object.keys(value)) {
    list.push({ holder: value as Node, key })
    places((value as Record<string | number, unknown>)[key], list)
  }
  return list
}

const CHANGES: readonly ((now: unknown) => unknown)[] = [
  () => undefined,
  () => null,
  () => '',
  () => 'x',
  () => -1,
  () => 1.5,
  () => 0,
  () => true,
  () => [],
  () => ({}),
  () => [1, 2, 3],
  () => 'y'.repeat(500),
  (now) => (Array.isArray(now) ? now.slice(1) : now),
  (now) => (typeof now === 'string' ? `${now} ` : now),
  (now) => (typeof now === 'number' ? now + 0.5 : now),
  (now) => [now],
]

describe('the JSON Schema of a machine file', () => {
  it.each(demoMachines().map((f) => [f.name, f] as const))('takes the %s, as the reader does', (_, file) => {
    const value: unknown = JSON.parse(JSON.stringify(file))
    expect(bySchema(value), JSON.stringify(bySchema.errors)).toBe(true)
    expect(byShape(value)).toBe(true)
  })

  it('and the reader agree on 300 files with one thing changed', () => {
    const roll = dice(7)
    const files = demoMachines().map((f) => JSON.stringify(f))
    let refused = 0
    for (let n = 0; n < 300; n++) {
      const value: unknown = JSON.parse(files[roll(files.length)]!)
      const all = places(value)
      const { holder, key } = all[roll(all.length)]!
      const changed = CHANGES[roll(CHANGES.length)]!((holder as Record<string | number, unknown>)[key])
      if (changed === undefined) delete (holder as Record<string | number, unknown>)[key]
      else (holder as Record<string | number, unknown>)[key] = changed
      // A hole in a list cannot be written as JSON.
      const written: unknown = JSON.parse(JSON.stringify(value))
      const [shape, schema] = [byShape(written), bySchema(written)]
      if (!shape) refused++
      expect(
        schema,
        `seed ${n}: ${String(key)} of ${JSON.stringify(holder).slice(0, 200)} → ${JSON.stringify(changed)?.slice(0, 60)}: ${JSON.stringify(bySchema.errors?.[0])}`,
      ).toBe(shape)
    }
    expect(refused).toBeGreaterThan(150)
  }, 90_000)

  it('lets through what it does not know, at any place', () => {
    const value = JSON.parse(JSON.stringify(demoMachines()[0])) as Record<string, unknown> & { parts: Record<string, unknown>[] }
    value['x-shop'] = { shelf: 4 }
    value.parts[0]!['x-note'] = 'blue'
    expect([bySchema(value), byShape(value)]).toEqual([true, true])
  })
})
