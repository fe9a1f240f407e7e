'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { useEffect, useState } from 'react'
import type { MachineFile } from '../../core/machine'
import type { Differences } from '../../core/planning'
import { useJob } from '../shared/context'

/** The other wheel, as a copy of what was done for this one: what is different, and nothing else. */
export function OtherSide({
  file,
  first,
  second,
  variants,
}: {
  readonly file: MachineFile
  readonly first: { readonly id: string; readonly name: string }
  readonly second: string
  readonly variants: Readonly<Record<string, string>>
}) {
  const { aside } = useJob()
  const [found, setFound] = useState<Differences | null>(null)
  useEffect(() => {
    const asking = new AbortController()
    aside()
      .then((p) => p.alikeAside(file, first.id, second, { variants }, asking.signal))
      .then(
        (d) => asking.signal.aborted || setFound(d),
        () => undefined,
      )
    return () => asking.abort()
  }, [file, first.id, second, variants, aside])
  if (!found) return null
  const lists = [
    [say.hereToo, found.more],
    [say.notHereAnswer, found.fewer],
    [say.otherwise, found.otherwise.map((o) => `${o.title}: ${o.how}`)],
  ] as const
  const odd = lists.reduce((n, [, list]) => n + list.length, 0)
  return (
    <section className="rounded-md border border-pose bg-pose-tint px-3 py-2 text-[16px]">
      <p>
        <span aria-hidden>◩ </span>
        {say.asForTheOther(first.name, found.same, odd)}
      </p>
      {lists.map(([name, list]) =>
        list.length > 0 ? (
          <p key={name} className="mt-1">
            <span className="font-semibold">{name}: </span>
            {list.join(' · ')}
          </p>
        ) : null,
      )}
    </section>
  )
}
