import { wrap } from 'comlink'
import type { RideLimits } from '../core/ride'
import type { Assigned } from '../formats/ride-log'
import type { Result } from '../core/result'
import type { RideApi, RideFileFault, RideRead } from './ride.worker'

export type { RideFileFault, RideRead } from './ride.worker'

/** Reads a ride log in a worker of its own, ended when it has answered or when `signal` is aborted. */
export async function readRideAside(
  file: File,
  limits: RideLimits,
  assigned: Assigned,
  signal?: AbortSignal,
): Promise<Result<RideRead, RideFileFault>> {
  signal?.throwIfAborted()
  const worker = new Worker(new URL('./ride.worker.ts', import.meta.url), { type: 'module' })
  try {
    return await new Promise((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('Reading was cancelled', 'AbortError')))
      worker.onerror = () => reject(new Error('The reader stopped'))
      wrap<RideApi>(worker).read(file, limits, assigned).then(resolve, reject)
    })
  } finally {
    worker.terminate()
  }
}
