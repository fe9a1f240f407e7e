import { createHash } from 'node:crypto'
import sharp from 'sharp'
import { db } from '../db/client'
import { addPhoto, hasPhoto, loadPhoto, type PhotoRow } from '../db/photos'

/** Largest upload in bytes; a device shrinks to 2048 px first and comes nowhere near it. */
export const MAX_PHOTO_BYTES = 8_000_000
/** Largest picture that is decoded at all: more is a mistake or an attack. */
const MAX_PIXELS = 24_000_000
const MAX_SIDE = 2048

export type PhotoFault = { readonly status: 413 | 415; readonly message: string }

const SIGNATURES: readonly { readonly mime: string; readonly fits: (b: Uint8Array) => boolean }[] = [
  { mime: 'image/jpeg', fits: (b) => b[0] === 0xff && b[1] === 0xd8 && b[2] === 0xff },
  { mime: 'image/png', fits: (b) => b[0] === 0x89 && b[1] === 0x50 && b[2] === 0x4e && b[3] === 0x47 },
  { mime: 'image/webp', fits: (b) => ascii(b, 0, 4) === 'RIFF' && ascii(b, 8, 12) === 'WEBP' },
]

const ascii = (b: Uint8Array, from: number, to: number): string => String.fromCharCode(...b.subarray(from, to))

/**
 * Keeps a photo: known by its signature, decoded, turned upright, re-encoded without metadata at 2048 px or less. The upload itself
 * is never kept or served.
 * @returns its id, the SHA-256 of the bytes as sent
 */
export async function keepPhoto(bytes: Uint8Array, by: string): Promise<{ readonly id: string } | PhotoFault> {
  const id = createHash('sha256').update(bytes).digest('hex')
  const sql = db()
  if (await hasPhoto(sql, id)) return { id }
  if (!SIGNATURES.some((s) => s.fits(bytes)))
    return { status: 415, message: 'This is not a photo that Nailsmith can read: JPEG, PNG or WebP are.' }
  try {
    const image = sharp(bytes, { limitInputPixels: MAX_PIXELS, failOn: 'error' })
    const { width, height } = await image.metadata()
    if (width * height > MAX_PIXELS) return tooLarge(width, height)
    const { data, info } = await image
      .rotate()
      .resize({ width: MAX_SIDE, height: MAX_SIDE, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 80 })
      .toBuffer({ resolveWithObject: true })
    await addPhoto(sql, { id, mime: 'image/webp', width: info.width, height: info.height, bytes: data, by })
    return { id }
  } catch (error) {
    if (error instanceof Error && /pixel limit/i.test(error.message))
      return { status: 413, message: 'This picture is too large to be decoded here. Photos from the app are made smaller first.' }
    return { status: 415, message: 'This file begins like a photo but cannot be read as one.' }
  }
}

function tooLarge(width: number, height: number): PhotoFault {
  return {
    status: 413,
    message: `This picture has ${Math.round((width * height) / 1e6)} megapixels; at most ${MAX_PIXELS / 1e6} are taken. Photos from the app are made smaller first.`,
  }
}

export function readPhoto(id: string): Promise<PhotoRow | null> {
  return /^[0-9a-f]{64}$/.test(id) ? loadPhoto(db(), id) : Promise.resolve(null)
}
