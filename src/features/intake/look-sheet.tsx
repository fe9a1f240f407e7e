'use client'
import * as say from '../../words/en/screens/intake-sheets'
import { type ComponentType, useEffect, useRef } from 'react'
import { Sheet } from '../../ui/sheet'
import { useJob } from '../shared/context'
import { ElectronicsBlock } from './electronics-block'
import { PackBlock } from './pack-block'
import { SaltBlock } from './salt-block'

/** What is looked at as it comes in, and may be asked for again further on. */
const LOOKS = { pack: PackBlock, salt: SaltBlock, electronics: ElectronicsBlock } as const satisfies Readonly<Record<string, ComponentType>>
export type LookAt = keyof typeof LOOKS

/** One of them as a sheet, where a step or a ride waits for it: nobody is sent back to another stage for it. */
export function LookSheet({ at, onClose }: { readonly at: LookAt; readonly onClose: () => void }) {
  const { state } = useJob()
  const Look = LOOKS[at]
  // The pack is looked over by one press: then nothing is left to do here.
  const looked = state.packCheck?.entry
  const before = useRef(looked)
  useEffect(() => {
    if (at === 'pack' && looked !== before.current) onClose()
  }, [at, looked, onClose])
  return (
    <Sheet open onClose={onClose} title={say.LOOK_TITLES[at]}>
      <div className="-mx-5">
        <Look />
      </div>
    </Sheet>
  )
}
