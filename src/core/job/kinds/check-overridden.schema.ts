import { closed, need, type Stored } from './fields.schema'
import { type Schema, string } from 'yup'
import { isCheck } from '../checks'
import type { AnyCheck } from '../vocabulary'

export const versions = {
  1: closed({
    check: string()
      .strict()
      .test(
        'check',
        '${path} is not one that this server knows: “${value}”',
        (x) => x !== undefined && (isCheck(x) || /^unknown: .{1,120}$/.test(x)),
      )
      .required() as unknown as Schema<AnyCheck>,
    reason: need(),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { check: 'ridden', reason: 'rain' },
}
