import { v4 } from 'uuid'
import { db } from '../db/client'
import { addPerson, findByName, type Role, ROLES } from '../db/people'
import { hashPassphrase } from './secrets'
import { MIN_PASSPHRASE } from './sign-in'

export interface NewPerson {
  readonly name: string
  readonly role: string
  readonly passphrase: string
  readonly qualified: boolean
}

/**
 * Adds somebody to the shop.
 * @returns what is wrong, in words; null when they are in
 */
export async function addToShop(input: NewPerson): Promise<string | null> {
  const name = input.name.trim()
  if (name.length === 0 || name.length > 60) return 'A name is wanted, of at most 60 letters.'
  if (!(ROLES as readonly string[]).includes(input.role)) return 'Choose what they do here.'
  if (input.passphrase.length < MIN_PASSPHRASE) return `The passphrase should have at least ${MIN_PASSPHRASE} characters: a few words do.`
  if (await findByName(db(), name)) return `There is a ${name} already. A letter after the name tells two apart.`
  await addPerson(db(), { id: `p-${v4()}`, name, role: input.role as Role, qualified: input.qualified, passphraseHash: await hashPassphrase(input.passphrase) })
  return null
}
