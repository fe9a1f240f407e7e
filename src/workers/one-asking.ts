interface Running<T> {
  readonly answer: Promise<T>
  readonly stop: AbortController
  waiting: number
  answered: boolean
}

/**
 * One running question for all who ask the same: whoever asks it while it runs, or as the last one that was answered, gets its answer.
 * It is ended when the last of them has gone. What fails is forgotten.
 */
export class OneAsking<T> {
  private readonly running = new Map<string, Running<T>>()

  /**
   * @param key says what is asked, whole: the same key is the same question
   * @param begin puts the question
   * @throws what `begin` rejects with; an AbortError for whoever has gone
   */
  ask(key: string, begin: (signal: AbortSignal) => Promise<T>, signal?: AbortSignal): Promise<T> {
    const own = this.running.get(key) ?? this.start(key, begin)
    own.waiting += 1
    return new Promise<T>((resolve, reject) => {
      const leave = (): void => {
        own.waiting -= 1
        if (own.waiting === 0 && !own.answered) {
          this.forget(key, own)
          own.stop.abort()
        }
        reject(new DOMException('Nobody waits for it any more', 'AbortError'))
      }
      if (signal?.aborted) return leave()
      signal?.addEventListener('abort', leave, { once: true })
      own.answer.then(resolve, reject)
    })
  }

  private start(key: string, begin: (signal: AbortSignal) => Promise<T>): Running<T> {
    const stop = new AbortController()
    const own: Running<T> = { answer: begin(stop.signal), stop, waiting: 0, answered: false }
    own.answer.then(
      () => {
        own.answered = true
        // The last answer is kept, for a sheet that opens later; the ones before it are not.
        for (const [other, past] of this.running) if (past.answered && past !== own) this.running.delete(other)
      },
      () => this.forget(key, own),
    )
    this.running.set(key, own)
    return own
  }

  private forget(key: string, own: Running<T>): void {
    if (this.running.get(key) === own) this.running.delete(key)
  }
}
