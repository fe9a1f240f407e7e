/** Inks on the dark ground of a drawing. */
export const INK = { fill: 'fill-[#e9e4d9]', text: 'fill-[#f4f0e8]' }

/** The dark ground that a drawing stands on. */
export function Board({
  label,
  children,
  viewBox,
}: {
  /** Null where what stands round it says it already. */
  readonly label: string | null
  readonly children: React.ReactNode
  readonly viewBox: string
}) {
  return (
    <svg
      {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      viewBox={viewBox}
      className="w-full rounded-lg bg-[#26313b]"
      style={{ maxHeight: 200 }}
    >
      {children}
    </svg>
  )
}
