import { wrap } from 'comlink'
import type { MachineFile } from '../core/machine'
import type { PlanOptions, PlanResult, PlanStart } from '../core/planning'
import type { PlannerApi } from './planner.worker'

/** Plans in a worker of its own, ended when it has answered; so leaving the page or asking anew cancels. */
export async function planAside(file: MachineFile, from: PlanStart | 'untouched', goals: readonly string[], options: PlanOptions, signal?: AbortSignal): Promise<PlanResult> {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' })
  try {
    return await new Promise<PlanResult>((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('Planning was cancelled', 'AbortError')))
      worker.onerror = () => reject(new Error('The planner stopped'))
      wrap<PlannerApi>(worker).plan(file, from, goals, options).then(resolve, reject)
    })
  } finally {
    worker.terminate()
  }
}
