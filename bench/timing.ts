/** Runs `work` until warm, then `times` more; returns the sorted milliseconds. */
export function time(work: () => void, times: number, warm = 5): number[] {
  for (let i = 0; i < warm; i++) work()
  return Array.from({ length: times }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  }).sort((a, b) => a - b)
}

/** Value below which `share` of the sorted list lies. */
export function at(sorted: readonly number[], share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!
}

export function row(name: string, value: string, wanted: string): void {
  console.log(`  ${name.padEnd(58)} ${value.padStart(14)}   ${wanted}`)
}
