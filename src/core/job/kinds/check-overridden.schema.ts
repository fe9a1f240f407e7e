import { closed, need, text, type Stored } from './fields.schema'
import { type Schema, string } from 'yup'
import { isCheck } from '../checks'
import type { AnyCheck } from '../vocabulary'

const check = string()
  .strict()
  .test(
    'check',
    '${path} is not one that this server knows: “${value}”',
    (x) => x !== undefined && (isCheck(x) || /^unknown: .{1,120}$/.test(x)),
  )
  .required() as unknown as Schema<AnyCheck>

export const versions = {
  1: closed({ check, reason: need() }),
  2: closed({
    check,
    reason: need(),
    /* Who said yes for the owner, where it is theirs to say. */
    owner: text(120),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { check: 'ridden', reason: 'rain' },
  2: { check: 'sealed unit', reason: 'no new one is made any more', owner: 'Ida, by telephone' },
}
