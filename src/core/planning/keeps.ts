/** What must not have gone back yet, or has to be back, for a return to be done, where there is a choice of it: a tree over returns. */
export type Keeps =
  | { readonly all: readonly Keeps[] }
  | { readonly any: readonly Keeps[] }
  | { readonly off: string }
  | { readonly back: string }

/** Of one way that is open: returns that have to wait for it, and those that it waits for. */
export interface Way {
  readonly later: readonly string[]
  readonly first: readonly string[]
}

/** One way that is open, of what `isOff` says is off still; null where none is. The first of the file's own. */
export function openWay(keeps: Keeps, isOff: (id: string) => boolean): Way | null {
  if ('off' in keeps) return isOff(keeps.off) ? { later: [keeps.off], first: [] } : null
  if ('back' in keeps) return isOff(keeps.back) ? null : { later: [], first: [keeps.back] }
  if ('any' in keeps) {
    for (const k of keeps.any) {
      const way = openWay(k, isOff)
      if (way) return way
    }
    return null
  }
  const ways = keeps.all.map((k) => openWay(k, isOff))
  return ways.some((w) => w === null) ? null : { later: ways.flatMap((w) => w!.later), first: ways.flatMap((w) => w!.first) }
}
