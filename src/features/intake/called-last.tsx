'use client'
import * as say from '../../words/en/screens/intake'
import { faultAction, faultWords } from '../../words/en/diagnosis'
import { useJob } from '../shared/context'

/** What the fault was called: the job is chosen by it. */
export function CalledLast() {
  const { state } = useJob()
  const called = state.faults.at(-1)
  return called ? <p className="text-[16.5px] font-semibold">{say.calledAs(faultWords(called), faultAction(called))}</p> : null
}
