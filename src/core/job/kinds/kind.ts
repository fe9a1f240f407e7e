import type { Ctx } from '../apply-context'
import type { SubjectKind } from '../claims'
import type { Draft, Mark } from '../state'
import type { Stored, Versions } from './fields.schema'

/**
 * A kind of entry: all that the journal has to know of it. Beside it stands `<kind>.schema.ts` with the shape of each version and samples
 * of them; nothing here reads that at run time, so a page carries no validator.
 */
export interface KindOf<V extends Versions, Body = Stored<V>[1 & keyof V & number]> extends KindRules {
  /** Each version that was ever written, decoded to the one form that is worked with. */
  readonly reads: { readonly [N in keyof V & number]: (body: Stored<V>[N]) => Body }
  /**
   * How versions are written that are not written as they are worked with. From which build on one is: an earlier build cannot read
   * it, so it is written only in a shop that has gone over to the forms of that build. The first one is written until then.
   */
  readonly writes?: {
    readonly [N in keyof V & number]?: { readonly since: N extends 1 ? 0 : number; readonly write: (body: Body) => Stored<V>[N] }
  }
  /** What it does to the state. Whatever is odd is flagged, never dropped. */
  readonly apply: (ctx: Ctx, body: Body) => void
}

/** What holds of a kind, whatever its entries say. */
export interface KindRules {
  /** Who writes it: at the door the front desk too, work is for mechanics and leads, `nobody` any more: it is read for ever. */
  readonly writers: 'door' | 'work' | 'nobody'
  /** Nobody writes it for somebody else. */
  readonly ownHand?: true
  /** A device without its secret does not write it: it opens something, or proves it. */
  readonly keyed?: true
  /** The server puts on its envelope what the shop's limits were and whose hand it was. */
  readonly stamped?: true
  /** Who crosses it out or brings it back: its writer (or any mechanic), or a lead only, with a reason. */
  readonly struckBy: 'writer' | 'lead'
  /** It is not the one that a quick undo takes back. */
  readonly noUndo?: true
  /** What it makes a claim on, which another device may see otherwise (`claims.ts` has the less safe side of each). */
  readonly claims: readonly SubjectKind[]
}

/** For a kind whose second version adds the instrument it was measured with, and nothing else. */
export function byHand<First, Second extends { readonly instrument?: unknown }>(): {
  readonly reads: { readonly 1: (body: First) => Second; readonly 2: (body: Second) => Second }
  readonly writes: {
    readonly 1: { readonly since: 0; readonly write: (body: Second) => First }
    readonly 2: { readonly since: number; readonly write: (body: Second) => Second }
  }
} {
  return {
    reads: { 1: (body) => body as unknown as Second, 2: (body) => body },
    writes: {
      1: { since: 0, write: ({ instrument: _, ...body }) => body as unknown as First },
      2: { since: 13, write: (body) => body },
    },
  }
}

/** For a kind that has one version, which is worked with as it is stored. */
export const asIs = { 1: <B>(body: B): B => body }

/** A kind that adds to what is known, and settles nothing: whatever it says is kept with who said it and when. */
export function noted<V extends Versions, Body = Stored<V>[1 & keyof V & number]>(
  writers: KindRules['writers'],
  keep: (draft: Draft, said: Mark & Body) => void,
): KindOf<V, Body> {
  return {
    reads: asIs as unknown as KindOf<V, Body>['reads'],
    writers,
    struckBy: 'writer',
    claims: [],
    apply: ({ draft, mark }, body) => keep(draft, { ...mark, ...body }),
  }
}
