import { closed, text, type Stored } from './fields.schema'
import { number } from 'yup'

export const versions = {
  1: closed({ to: text(80).required(), name: text(120).defined(), people: number().strict().oneOf([1, 2, 3, 4]).required() }),
}

export const samples: Stored<typeof versions> = {
  1: { to: 'on-left', name: 'folded, on its left side', people: 2 },
}
