/** `1 screw`, `19 screws`; the plural by rule. */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`
}
