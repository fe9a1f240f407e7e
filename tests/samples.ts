import { KIND_IDS, type Kind } from '../src/core/job'
import type { Versions } from '../src/core/job/kinds/fields.schema'

/** What stands beside each kind: its schemas and a sample of each version, which stay as they are for as long as that version is read. */
export const SHAPES = Object.fromEntries(
  await Promise.all(
    KIND_IDS.map(
      async (kind) =>
        [
          kind,
          (await import(`../src/core/job/kinds/${kind}.schema.ts`)) as {
            readonly versions: Versions
            readonly samples: Readonly<Record<number, object>>
            readonly more?: readonly object[]
          },
        ] as const,
    ),
  ),
) as Readonly<
  Record<Kind, { readonly versions: Versions; readonly samples: Readonly<Record<number, object>>; readonly more?: readonly object[] }>
>

/** A body of every kind in its first version, as devices write them. */
export const SAMPLES = Object.fromEntries(KIND_IDS.map((kind) => [kind, SHAPES[kind].samples[1]])) as Readonly<Record<Kind, object>>
