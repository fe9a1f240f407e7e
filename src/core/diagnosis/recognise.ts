import type { Catalogue } from './types'

/** Symptoms that a sentence speaks of, by the catalogue's words. */
export function recognise(catalogue: Catalogue, text: string): string[] {
  return catalogue.symptoms.filter((s) => s.words.test(text)).map((s) => s.id)
}
