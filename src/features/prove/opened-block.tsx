'use client'
import * as say from '../../words/en/screens/prove'
import { OpenedTiles } from '../shared/opened-tiles'

/** What was opened, where nobody said it before its power came back: how it is proved follows from that. */
export function OpenedBlock() {
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.prove}</p>
      <h2 className="title text-[30px]">{say.whatWasOpened}</h2>
      <p className="text-[17px]">{say.howItIsProved}</p>
      <OpenedTiles />
    </article>
  )
}
