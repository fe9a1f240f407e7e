import { putPhoto } from './store'
import { kick } from './send'

const MAX_SIDE = 2048

/** Why a picked file cannot be a photo, in the app's voice. */
export class PhotoFault extends Error {}

/**
 * Shrinks a picture to 2048 px, re-encodes it, and queues it for the server.
 * @returns its id: the SHA-256 of the bytes that will be sent
 * @throws PhotoFault when the file is no picture that this browser can read
 */
export async function takePhoto(file: Blob, jobId: string): Promise<string> {
  assertSecure()
  const blob = await shrink(file)
  const digest = await crypto.subtle.digest('SHA-256', await blob.arrayBuffer())
  const id = [...new Uint8Array(digest)].map((b) => b.toString(16).padStart(2, '0')).join('')
  await putPhoto({ id, jobId, blob, at: Date.now(), sent: false })
  kick()
  return id
}

/** Hashing needs a secure address; on another one photos cannot be given their id. */
function assertSecure(): void {
  if (!globalThis.crypto?.subtle)
    throw new PhotoFault('Photos need a secure address: open Nailsmith by https, or on the machine it runs on.')
}

async function shrink(file: Blob): Promise<Blob> {
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    throw new PhotoFault('That file is not a picture that this device can read.')
  }
  const scale = Math.min(1, MAX_SIDE / Math.max(picture.width, picture.height))
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale)))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 })
}
