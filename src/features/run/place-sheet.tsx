'use client'
import * as say from '../../words/en/screens/order'
import { isSettled } from '../../core/job'
import { type Moved, movedUp, type PlannedStep } from '../../core/planning'
import { Button } from '../../ui/button'
import { Sheet } from '../../ui/sheet'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'

type Possible = Extract<Moved, { readonly is: 'possible' }>
type Row =
  | { readonly place: PlannedStep | undefined; readonly found: Possible }
  | { readonly places: readonly (PlannedStep | undefined)[]; readonly by: Extract<Moved, { readonly is: 'hindered' }>['by'] }

/** Places one after the other; those that are shut for one and the same reason are one row. */
function rowsOf(places: readonly (PlannedStep | undefined)[], at: (place: PlannedStep | undefined) => Moved): readonly Row[] {
  const rows: Row[] = []
  for (const place of places) {
    const found = at(place)
    const last = rows.at(-1)
    if (found.is === 'possible') rows.push({ place, found })
    else if (last && 'places' in last && last.by[0]?.first.id === found.by[0]?.first.id && last.by[0]?.then.id === found.by[0]?.then.id)
      rows[rows.length - 1] = { ...last, places: [...last.places, place] }
    else rows.push({ places: [place], by: found.by })
  }
  return rows
}

/** A step of the way up at another place: what each place costs, or what hinders it. */
export function PlaceSheet({ step, onClose }: { readonly step: string; readonly onClose: () => void }) {
  const { state, file, log } = useJob()
  if (!file) return null
  const open = state.up.filter((s) => !isSettled(state, s))
  const at = open.findIndex((s) => s.id === step)
  // Another tablet may have done it, or moved it out of what is open, while this sheet stood open.
  if (at < 0) return null
  const now = { pose: state.pose.id, tool: null }
  // Where it is already is no other place: before the one that comes next.
  const places: readonly (PlannedStep | undefined)[] = [
    ...open.filter((_, i) => i !== at && i !== at + 1),
    ...(at < open.length - 1 ? [undefined] : []),
  ]
  const named = (place: PlannedStep | undefined): string =>
    place === undefined ? say.afterAll : place === open[0] ? say.rightNow(titleOf(state, place.id)) : say.before(titleOf(state, place.id))
  const move = (before: string | undefined, { pose, turns }: Possible): void => {
    log('step-moved', { step, ...(before === undefined ? {} : { before }), pose, turns: [...turns] })
    onClose()
  }
  return (
    <Sheet open onClose={onClose} title={say.whenToDoIt} note={titleOf(state, step)}>
      <p className="mb-3 text-[16.5px]">{say.now(open[at - 1] ? titleOf(state, open[at - 1]!.id) : undefined)}</p>
      <ol className="grid gap-2">
        {rowsOf(places, (place) => movedUp(file, open, now, step, place?.id)).map((row) =>
          'found' in row ? (
            <li key={row.place?.id ?? 'last'}>
              <Button className="w-full" onClick={() => move(row.place?.id, row.found)}>
                <span className="block w-full text-left">
                  <span className="block font-semibold">{named(row.place)}</span>
                  <span className="block text-[15px] font-normal">{say.costs(row.found.more, row.found.added)}</span>
                </span>
              </Button>
            </li>
          ) : (
            <li key={row.places[0]?.id ?? 'last'} className="rounded-md border border-rule px-4 py-2">
              <p className="text-[16.5px] text-steel">{say.notThere(named(row.places[0]), row.places.length - 1)}</p>
              {row.by.slice(0, 2).map(({ first, then, consequence }) => (
                <p key={`${first.id} ${then.id}`} className="text-[15px]">
                  <span aria-hidden className="font-bold text-look">
                    ◆{' '}
                  </span>
                  {say.hindered(titleOf(state, first.id), titleOf(state, then.id), consequence)}
                </p>
              ))}
            </li>
          ),
        )}
      </ol>
    </Sheet>
  )
}
