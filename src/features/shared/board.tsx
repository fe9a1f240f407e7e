/** Inks on the dark ground of a drawing. */
export const INK = { fill: 'fill-[#e9e4d9]', text: 'fill-[#f4f0e8]' }

/** The dark ground that a drawing stands on. */
export function Board({
  label,
  children,
  viewBox,
  wide,
}: {
  /** Null where what stands round it says it already. */
  readonly label: string | null
  readonly children: React.ReactNode
  readonly viewBox: string
  /** So many pixels wide, for what is drawn at its true size; as wide as it may be otherwise. */
  readonly wide?: number
}) {
  return (
    <svg
      {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      viewBox={viewBox}
      className={`rounded-lg bg-[#26313b] ${wide === undefined ? 'w-full' : '[&_text]:hidden'}`}
      style={wide === undefined ? { maxHeight: 200 } : { width: wide }}
    >
      {children}
    </svg>
  )
}
