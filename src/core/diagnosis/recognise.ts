import type { Catalogue } from './types'

/** Small letters, one kind of apostrophe, single spaces, a space before: so that `' ' + phrase` is found where a word begins with it. */
const plain = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/['`´]/g, '’')
    .replace(/[^\p{L}\p{N}’]+/gu, ' ')}`

/** Symptoms that a sentence speaks of, by what the catalogue says that owners say. */
export function recognise(catalogue: Pick<Catalogue, 'symptoms'>, text: string): string[] {
  const said = plain(text)
  return catalogue.symptoms.filter((s) => s.says.some((phrase) => said.includes(plain(phrase)))).map((s) => s.id)
}
