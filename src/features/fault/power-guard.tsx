'use client'
import * as say from '../../words/en/screens/fault'
import { Button } from '../../ui/button'
import { useJob } from '../shared/context'
import { type Guarded, powerAgainst } from './power-against'

/** The same, said on the card, with the way to change it; without where the way in changes it as it goes. */
export function PowerGuard({ test, onTheWay = false }: { readonly test: Guarded; readonly onTheWay?: boolean }) {
  const job = useJob()
  const against = powerAgainst(job, test)
  if (!against) return null
  return (
    <div className="rounded-md border-l-[6px] border-look bg-look-tint px-4 py-2.5 text-[16.5px]">
      <p>
        <span className="font-bold text-look">◆ </span>
        {against}
      </p>
      {job.mayWork && !onTheWay ? (
        <Button className="mt-2 w-full" onClick={() => job.open({ kind: 'power' })}>
          {test.power === 'dead' ? say.isolateItAndShow : say.howItStands}
        </Button>
      ) : null}
    </div>
  )
}
