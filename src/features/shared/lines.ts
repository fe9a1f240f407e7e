/**
 * A label in as many lines as it needs, for a drawing, which breaks nothing by itself. Measures joined by × stay together.
 * @param most characters to a line; a single word or measure may be longer
 */
export function inLines(text: string, most: number): readonly string[] {
  const lines: string[] = []
  for (const word of text.split(/(?<!×) +(?!×)/)) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + 1 + word.length <= most) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}
