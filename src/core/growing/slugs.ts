/**
 * Makes ids out of names, each once: small letters, digits and dashes, a letter first.
 * @param taken ids that are given out already
 * @returns a function of a name, and of what it is where the name has no letter
 */
export function slugs(taken: Iterable<string>): (text: string, sort: string) => string {
  const given = new Set(taken)
  return (text, sort) => {
    const plain = text
      .normalize('NFKD')
      .toLowerCase()
      .replaceAll('×', 'x')
      .replaceAll(/[^a-z0-9]+/g, '-')
      .replaceAll(/^-+|-+$/g, '')
      .slice(0, 40)
    const base = /^[a-z]/.test(plain) ? plain : [sort, plain].filter(Boolean).join('-')
    let id = base
    for (let n = 2; given.has(id); n++) id = `${base}-${n}`
    given.add(id)
    return id
  }
}

/** The id of a model by its name: another name is another model. */
export const bySlug = (name: string): string => slugs([])(name, 'machine') || 'machine'
