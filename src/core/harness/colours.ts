/** Colours of wires, as plans and people name them. Two-coloured ones by both. */
export const WIRE_COLOURS = [
  'black',
  'brown',
  'red',
  'orange',
  'yellow',
  'green',
  'blue',
  'violet',
  'grey',
  'white',
  'pink',
  'green-yellow',
] as const
export type WireColour = (typeof WIRE_COLOURS)[number]

const SAME: Readonly<Record<string, WireColour>> = { purple: 'violet', gray: 'grey', 'yellow-green': 'green-yellow' }

/** A colour by what somebody wrote; null for what is none of them. */
export function wireColour(text: string): WireColour | null {
  const said = text
    .trim()
    .toLowerCase()
    .replace(/\s*[/ ]\s*/g, '-')
  return WIRE_COLOURS.find((c) => c === said) ?? SAME[said] ?? null
}
