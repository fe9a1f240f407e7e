import type { ReactNode } from 'react'

/** A block of a stage's own page. */
export function Block({ title, children, aside }: { readonly title: string; readonly children: ReactNode; readonly aside?: ReactNode }) {
  return (
    <section className="border-b border-rule px-5 py-4">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="title text-[20px]">{title}</h2>
        {aside}
      </div>
      {children}
    </section>
  )
}

/** Lines that people wrote, each with who and when. */
export function Lines({
  items,
  none,
}: {
  readonly items: readonly { readonly key: string; readonly text: ReactNode; readonly by: string }[]
  readonly none: string
}) {
  if (items.length === 0) return <p className="text-[16px] text-steel">{none}</p>
  return (
    <ul className="grid gap-1">
      {items.map((item) => (
        <li key={item.key} className="text-[17px]">
          {item.text} <span className="text-[14px] text-steel">{item.by}</span>
        </li>
      ))}
    </ul>
  )
}
