import { touchStep } from '../apply-steps'
import type { WeighReason } from '../../diagnosis'
import type { Attempt } from '../../fasteners'
import type { FaultWay } from '../vocabulary'
import type { KindOf } from './kind'
import type { versions } from './note-added.schema'

interface Noted {
  /** What somebody said; version 1 says in it what the other fields have as facts. */
  readonly text?: string
  readonly step?: string
  /** What was tried on what did not let go. */
  readonly tried?: Attempt
  /** Parts that went over from the old one to the new. */
  readonly moved?: readonly string[]
  /** How swapping, mending and leaving were weighed. */
  readonly weighed?: {
    readonly way: FaultWay
    readonly reason: WeighReason
    readonly kilometres: number
    readonly partPrice: number
    readonly hourPrice: number
  }
}

/** A try as builds before 18 know it. */
const asBefore = ({ on: _, celsius: __, nearCelsius: ___, ...tried }: Attempt): Attempt => tried

/** What is a fact needs no words beside it. */
const bare = <B extends Noted>({ text, ...body }: B): Omit<B, 'text'> & { text?: string } =>
  (body.tried ?? body.moved ?? body.weighed) ? body : { ...body, ...(text !== undefined ? { text } : {}) }

/** A note, on a step where it names one. */
export const noteAdded: KindOf<typeof versions, Noted> = {
  reads: { 1: (body) => body, 2: (body) => body, 3: (body) => body as Noted },
  writes: {
    1: {
      since: 0,
      write: ({ moved, weighed, text, tried, ...body }) => ({
        ...body,
        ...(tried ? { tried: asBefore(tried) } : {}),
        text: text ?? [tried?.way, weighed?.way, moved?.join(', ')].filter(Boolean).join('; '),
      }),
    },
    2: {
      since: 13,
      write: (body) => bare(body.tried ? { ...body, tried: asBefore(body.tried) } : body),
    },
    3: { since: 18, write: (body) => bare(body) },
  },
  writers: 'door',
  struckBy: 'writer',
  claims: [],
  apply({ draft, mark }, body) {
    const { step, text, tried } = body
    draft.notes.push({ ...mark, ...body })
    if (step !== undefined)
      touchStep(draft, step, (s) => ({
        ...s,
        notes: text === undefined ? s.notes : [...s.notes, text],
        ...(tried ? { tried: [...(s.tried ?? []), { ...tried, ...mark }] } : {}),
      }))
  },
}
