/** A binary heap, the least first. */
export class Heap<T> {
  private readonly list: T[] = []

  constructor(private readonly before: (a: T, b: T) => boolean) {}

  get size(): number {
    return this.list.length
  }

  peek(): T | undefined {
    return this.list[0]
  }

  push(item: T): void {
    const { list, before } = this
    let i = list.push(item) - 1
    while (i > 0) {
      const up = (i - 1) >> 1
      if (!before(item, list[up]!)) break
      list[i] = list[up]!
      i = up
    }
    list[i] = item
  }

  pop(): T | undefined {
    const { list, before } = this
    const top = list[0]
    const last = list.pop()
    if (list.length === 0 || last === undefined) return top
    let i = 0
    for (;;) {
      let child = 2 * i + 1
      if (child >= list.length) break
      if (child + 1 < list.length && before(list[child + 1]!, list[child]!)) child++
      if (!before(list[child]!, last)) break
      list[i] = list[child]!
      i = child
    }
    list[i] = last
    return top
  }
}
