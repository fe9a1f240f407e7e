'use client'
import { useState } from 'react'
import { type Role, ROLES, unitsFor } from '../../formats/ride-header'
import type { Assigned } from '../../formats/ride-log'
import type { Taken } from '../../formats/ride-read'
import { Button } from '../../ui/button'
import { SelectField } from '../../ui/field'
import * as say from '../../words/en/screens/prove'
import { ROLE_NAMES } from '../../words/en/ride-files'

/** What the columns of a ride log were taken for, and how to say it otherwise. */
export function RideColumns({
  names,
  taken,
  assigned,
  onAssign,
}: {
  readonly names: readonly string[]
  /** Empty where the file could not be read. */
  readonly taken: readonly Taken[]
  readonly assigned: Assigned
  readonly onAssign: (assigned: Assigned) => void
}) {
  const [open, setOpen] = useState(taken.length === 0)
  if (names.length === 0) return null
  const now = (role: Role): { readonly column: string; readonly unit: string } => {
    const by = assigned[role]
    if (by === null) return { column: '', unit: unitsFor(role)[0]! }
    const own = by ?? taken.find((t) => t.role === role)
    return own ? { column: own.column, unit: own.unit } : { column: '', unit: unitsFor(role)[0]! }
  }
  const change = (role: Role, column: string, unit: string): void =>
    onAssign({ ...assigned, [role]: column === '' ? null : { column, unit } })
  return (
    <div className="rounded-md border border-rule px-3 py-2 text-[15.5px]">
      {taken.length > 0 ? (
        <ul>
          {taken.map((t) => (
            <li key={t.role}>{say.columnTaken(t.column, ROLE_NAMES[t.role], t.unit, t.named)}</li>
          ))}
        </ul>
      ) : null}
      {open ? (
        <div className="mt-2 grid gap-2">
          {ROLES.map((role) => {
            const { column, unit } = now(role)
            return (
              <div key={role} className="grid grid-cols-[minmax(0,1fr)_110px] gap-2">
                <SelectField label={ROLE_NAMES[role]} value={column} onChange={(e) => change(role, e.target.value, unit)}>
                  <option value="">{say.noColumn}</option>
                  {[...new Set(names.filter((n) => n !== ''))].map((name) => (
                    <option key={name} value={name}>
                      {name}
                    </option>
                  ))}
                </SelectField>
                <SelectField
                  label={say.itsUnit}
                  value={unit}
                  onChange={(e) => change(role, column, e.target.value)}
                  disabled={column === ''}
                >
                  {unitsFor(role).map((u) => (
                    <option key={u} value={u}>
                      {u}
                    </option>
                  ))}
                </SelectField>
              </div>
            )
          })}
          <p className="text-[14px] text-steel">{say.columnsAreKept}</p>
        </div>
      ) : (
        <Button weight="quiet" className="min-h-11" onClick={() => setOpen(true)}>
          {say.takeThemOtherwise}
        </Button>
      )}
    </div>
  )
}
