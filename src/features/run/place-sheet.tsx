'use client'
import * as say from '../../words/en/screens/order'
import { isSettled } from '../../core/job'
import { type Moved, movedUp, type PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { Sheet } from '../../ui/sheet'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'

/** A step of the way up at another place: what each place costs, or what hinders it. */
export function PlaceSheet({ step, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state, file, log } = useJob()
  if (!file) return null
  const open = state.up.filter((s) => !isSettled(state, s))
  const at = open.findIndex((s) => s.id === step)
  const now = { pose: state.pose.id, tool: null }
  // Where it is already is no other place: before the one that comes next.
  const places: readonly (PlannedStep | undefined)[] = [
    ...open.filter((_, i) => i !== at && i !== at + 1),
    ...(at < open.length - 1 ? [undefined] : []),
  ]
  const move = (before: string | undefined, { pose, turns }: Extract<Moved, { readonly is: 'possible' }>): void => {
    log('step-moved', { step, ...(before === undefined ? {} : { before }), pose, turns: [...turns] })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.whenToDoIt} note={titleOf(state, step)}>
      <p className="mb-3 text-[16.5px]">{say.now(open[at - 1] ? titleOf(state, open[at - 1]!.id) : undefined)}</p>
      <ol className="grid gap-2">
        {places.map((place) => {
          const found = movedUp(file, open, now, step, place?.id)
          const words =
            place === undefined
              ? say.afterAll
              : place === open[0]
                ? say.rightNow(titleOf(state, place.id))
                : say.before(titleOf(state, place.id))
          return (
            <li key={place?.id ?? 'last'}>
              {found.is === 'possible' ? (
                <Button className="w-full text-left" onClick={() => move(place?.id, found)}>
                  <span className="block font-semibold">{words}</span>
                  <span className="block text-[15px] font-normal">{say.costs(found.more, found.added)}</span>
                </Button>
              ) : (
                <div className="rounded-md border border-rule px-4 py-2">
                  <p className="text-[16.5px] text-steel">{words}</p>
                  {found.by.slice(0, 2).map(({ first, then, consequence }) => (
                    <p key={`${first.id} ${then.id}`} className="text-[15px]">
                      <span aria-hidden className="font-bold text-look">
                        ◆{' '}
                      </span>
                      {say.hindered(titleOf(state, first.id), titleOf(state, then.id), consequence)}
                    </p>
                  ))}
                </div>
              )}
            </li>
          )
        })}
      </ol>
    </Sheet>
  )
}
