import * as say from '../../words/en/screens/no-file'
import { useState } from 'react'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { comparedWords } from '../../words/en/comparison'
import { useJob } from '../shared/context'

/** At the bottom of a machine that no file knows: which of the parts that came off is a new one now, compared and with its number. */
export function NewParts() {
  const { state, open, log, mayWork } = useJob()
  const [picked, setPicked] = useState<string>()
  const [oldSerial, setOld] = useState('')
  const [newSerial, setNew] = useState('')
  const off = Object.values(state.parts).filter((p) => p.condition === 'off' && !p.replaced)
  if (off.length === 0 || !mayWork) return null
  const put = (part: string): void => {
    log('part-replaced', {
      part,
      ...(oldSerial.trim() ? { oldSerial: oldSerial.trim() } : {}),
      ...(newSerial.trim() ? { newSerial: newSerial.trim() } : {}),
    })
    setPicked(undefined)
    setOld('')
    setNew('')
  }
  return (
    <section aria-label={say.newPart} className="grid gap-2">
      <h3 className="text-[16px] font-semibold">{say.newPart}</h3>
      <p className="text-[15.5px] text-steel">{say.newPartNote}</p>
      <ul className="grid gap-2">
        {off.map((p) => (
          <li key={p.id} className="rounded-md border border-rule p-3">
            <div className="flex flex-wrap items-center gap-2">
              <span className="flex-1 text-[17px]">{p.name}</span>
              <Button aria-expanded={picked === p.id} onClick={() => setPicked(picked === p.id ? undefined : p.id)}>
                {say.isNewOne}
              </Button>
            </div>
            {picked === p.id ? (
              <div className="mt-2 grid gap-2">
                <Button onClick={() => open({ kind: 'compare', part: p.id })}>
                  {state.comparisons[p.id] ? `${say.comparedAlready}: ${comparedWords(state.comparisons[p.id]!.rows)}` : say.compareIt}
                </Button>
                <div className="grid grid-cols-2 gap-2">
                  <TextField label={say.oldSerial} value={oldSerial} onChange={(e) => setOld(e.target.value)} maxLength={80} />
                  <TextField label={say.newSerial} value={newSerial} onChange={(e) => setNew(e.target.value)} maxLength={80} />
                </div>
                {state.comparisons[p.id]?.rows.some((r) => r.verdict === 'mismatch') ? (
                  <p className="text-[16px]">
                    <span className="font-bold text-stop">▲ </span>
                    {say.doesNotMatch}
                  </p>
                ) : null}
                <Button weight="primary" onClick={() => put(p.id)}>
                  {say.newIsHere}
                </Button>
              </div>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  )
}
