import { type Remote, wrap } from 'comlink'
import type { Advice } from '../core/diagnosis'
import { tellTime } from './timed'
import type { DiagnosisApi, NextTestQuestion } from './diagnosis.worker'

export type { NextTestQuestion } from './diagnosis.worker'

/** One worker for as long as the page asks; ended when it is told to stop, and made anew for the next question. */
let running: { readonly worker: Worker; readonly api: Remote<DiagnosisApi> } | null = null

function ended(): void {
  running?.worker.terminate()
  running = null
}

/** The next test looked at two deep, off the main thread. A question that is given up ends it at once. */
export async function nextTestAside(question: NextTestQuestion, signal: AbortSignal): Promise<Advice> {
  signal.throwIfAborted()
  if (!running) {
    const worker = new Worker(new URL('./diagnosis.worker.ts', import.meta.url), { type: 'module' })
    running = { worker, api: wrap<DiagnosisApi>(worker) }
  }
  const { worker, api } = running
  const from = performance.now()
  let given: (() => void) | undefined
  try {
    return await new Promise<Advice>((resolve, reject) => {
      given = () => {
        ended()
        reject(new DOMException('The question was given up', 'AbortError'))
      }
      signal.addEventListener('abort', given)
      worker.onerror = () => {
        ended()
        reject(new Error('The worker stopped'))
      }
      ;(api.nextTest(question) as Promise<Advice>).then((advice) => {
        tellTime('next test, two steps', from)
        resolve(advice)
      }, reject)
    })
  } finally {
    // Once it has answered, giving up ends nothing.
    if (given) signal.removeEventListener('abort', given)
  }
}
