'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { useState } from 'react'
import type { Wanted } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { deliveryWords } from '../../words/en/delivery'

const MOST = 999

/** Counting what came: a tap where all is there, one more or one less where not. */
export function DeliverySheet({ wanted, onClose }: { readonly wanted: readonly Wanted[]; readonly onClose: () => void }) {
  const { state, log } = useJob()
  const before = state.delivery
  const [found, setFound] = useState<Readonly<Record<string, number>>>(() =>
    Object.fromEntries((before?.items ?? []).map((i) => [i.name, i.found])),
  )
  const [also, setAlso] = useState(before?.also ?? '')
  const items = wanted.flatMap((w) => (found[w.name] === undefined ? [] : [{ ...w, found: found[w.name]! }]))
  const left = wanted.length - items.length
  const done = (): void => {
    log('delivery-counted', { items, ...(also.trim() ? { also: also.trim() } : {}) })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.partsReceived} note={say.laidOutAndCounted}>
      <ul className="grid gap-2">
        {wanted.map((w) => (
          <Row
            key={w.name}
            wanted={w}
            found={found[w.name]}
            onFound={(n) => setFound({ ...found, [w.name]: Math.max(0, Math.min(MOST, n)) })}
          />
        ))}
      </ul>
      <TextField
        className="mt-3"
        label={say.alsoInTheBox}
        value={also}
        onChange={(e) => setAlso(e.target.value)}
        placeholder={say.whatIsNot}
        maxLength={1000}
      />
      <p role="status" className="mt-3 text-[16px]">
        {items.length === 0 ? say.nothingCountedYet : say.notCountedYet(sentence(deliveryWords(items)), left)}
      </p>
      <Button weight="primary" className="mt-3" disabled={items.length === 0} onClick={done}>
        {say.logTheCount}
      </Button>
    </Sheet>
  )
}

const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

function Row({
  wanted: { name, expected },
  found,
  onFound,
}: {
  readonly wanted: Wanted
  readonly found: number | undefined
  readonly onFound: (found: number) => void
}) {
  const off = (found ?? expected) - expected
  const [mark, tone] =
    found === undefined ? ['○', 'text-steel'] : off < 0 ? ['▲', 'text-stop'] : off > 0 ? ['◆', 'text-look'] : ['●', 'text-ok']
  return (
    <li className="grid grid-cols-[20px_minmax(0,1fr)_auto] items-center gap-2 border-b border-rule pb-2">
      <span aria-hidden="true" className={`text-[18px] ${tone}`}>
        {mark}
      </span>
      <span className="text-[16px] leading-tight">
        {name}
        <span className={`block text-[14px] ${tone}`}>
          {found === undefined
            ? say.wanted(expected)
            : off === 0
              ? say.ofWord(expected)
              : found === 0
                ? say.noneHere
                : off < 0
                  ? say.shortOf(-off, expected)
                  : say.moreThan(off, expected)}
        </span>
      </span>
      <span className="flex gap-1.5" role="group" aria-label={name}>
        <Button
          className="min-w-16 aria-pressed:border-copper aria-pressed:bg-copper-tint"
          aria-pressed={found !== undefined && off === 0}
          onClick={() => onFound(expected)}
        >
          {expected === 1 ? say.here : say.all(expected)}
        </Button>
        <Button className="min-w-12" aria-label={say.oneLess(name)} onClick={() => onFound((found ?? expected) - 1)}>
          −
        </Button>
        <Button className="min-w-12" aria-label={say.oneMore(name)} onClick={() => onFound((found ?? expected) + 1)}>
          +
        </Button>
      </span>
    </li>
  )
}
