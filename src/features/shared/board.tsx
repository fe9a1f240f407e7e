/** Inks on the dark ground of a drawing. */
export const INK = { fill: 'fill-[#e9e4d9]', text: 'fill-[#f4f0e8]' }

/** The dark ground that a drawing stands on. */
export function Board({
  label,
  children,
  viewBox,
}: {
  readonly label: string
  readonly children: React.ReactNode
  readonly viewBox: string
}) {
  return (
    <svg role="img" aria-label={label} viewBox={viewBox} className="w-full rounded-lg bg-[#26313b]" style={{ maxHeight: 200 }}>
      {children}
    </svg>
  )
}
