import { hash as argonHash, verify as argonVerify } from '@node-rs/argon2'
import { createHash, randomBytes } from 'node:crypto'

/** Argon2id with the parameters of OWASP's password storage sheet: 19 MiB, two passes, one lane. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }

export function hashPassphrase(passphrase: string): Promise<string> {
  return argonHash(passphrase.normalize('NFKC'), ARGON)
}

export async function verifyPassphrase(hash: string, passphrase: string): Promise<boolean> {
  try {
    return await argonVerify(hash, passphrase.normalize('NFKC'))
  } catch {
    return false
  }
}

/** A fresh secret for a cookie or a link: 32 random bytes, base64url. */
export function newToken(): string {
  return randomBytes(32).toString('base64url')
}

/** What is stored of a token, so that a copy of the database signs nobody in. */
export function tokenHash(token: string): Buffer {
  return createHash('sha256').update(token).digest()
}
