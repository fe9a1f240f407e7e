'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { miscount, wantedFor } from '../../core/job'
import type { Plan } from '../../core/planning'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { deliveryWords } from '../../words/en/delivery'
import { useJob } from '../shared/context'

/** What came for the job, beside what should have: said before anything is undone. */
export function DeliveryLine({ plan }: { readonly plan: Plan }) {
  const { state, mayNote, open, addPhoto, nameOf, now } = useJob()
  const wanted = wantedFor(plan)
  const had = state.delivery
  if (wanted.length === 0) return null
  const left = wanted.filter((w) => !had?.items.some((i) => i.name === w.name)).length
  const [mark, ink, frame] =
    had && miscount(had.items).short.length > 0
      ? ['▲', 'text-stop', 'border-stop bg-stop-tint']
      : left > 0
        ? ['◆', 'text-look', 'border-look bg-look-tint']
        : ['●', 'text-ok', 'border-ok']
  return (
    <div className={`flex flex-wrap items-center justify-between gap-2 border-l-[6px] px-4 py-2 text-[16.5px] ${frame}`}>
      <p className="flex-1 basis-52">
        <span className={`font-bold ${ink}`}>{mark} </span>
        {had
          ? say.partsReceivedAre(deliveryWords(had.items), left, nameOf(had.by), now, clockText(had.at, now))
          : say.hasAllCome(wanted.length)}
        {had?.also ? <span className="block text-[15px] text-steel">{say.besideItWhat(had.also)}</span> : null}
      </p>
      {mayNote ? (
        <span className="flex flex-wrap gap-1.5">
          <Button onClick={() => open({ kind: 'delivery', wanted })}>{had ? say.countAgain : say.countIt}</Button>
          <Button weight="quiet" onClick={() => addPhoto(undefined, { shows: 'delivery' })}>
            {say.photo}
          </Button>
        </span>
      ) : null}
    </div>
  )
}
