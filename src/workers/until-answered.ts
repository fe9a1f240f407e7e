/**
 * Does work that tells how far it is. What is told comes through a port of its own, so the last of it may come after the answer:
 * from then on it is dropped, or a screen that has its answer would go back to waiting for it.
 */
export async function untilAnswered<A extends unknown[], T>(
  tell: (...told: A) => void,
  work: (tell: (...told: A) => void) => Promise<T>,
): Promise<T> {
  let answered = false
  try {
    return await work((...told) => {
      if (!answered) tell(...told)
    })
  } finally {
    answered = true
  }
}
