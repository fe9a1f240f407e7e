/** The order with a step just before another; last where that is left out. */
export function inOrder<S extends { readonly id: string }>(steps: readonly S[], id: string, before?: string): readonly S[] {
  const step = steps.find((s) => s.id === id)
  const rest = steps.filter((s) => s.id !== id)
  const at = before === undefined ? rest.length : rest.findIndex((s) => s.id === before)
  return !step || at < 0 ? steps : [...rest.slice(0, at), step, ...rest.slice(at)]
}
