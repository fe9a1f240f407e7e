import type { ReactNode } from 'react'
import * as say from '../../words/en/screens/job'
import { useJob } from '../shared/context'

function Link({ onClick, wide, children }: { readonly onClick: () => void; readonly wide?: boolean; readonly children: ReactNode }) {
  return (
    <button type="button" className={`min-h-12 underline underline-offset-4${wide ? ' max-md:hidden' : ''}`} onClick={onClick}>
      {children}
    </button>
  )
}

/** What can be done at every stage, below its card. */
export function CardFoot({ crossOutLast }: { readonly crossOutLast: (() => void) | null }) {
  const { state, view, mayWork, log, open } = useJob()
  return (
    <div className="narrow mt-3 flex flex-wrap gap-x-4 border-t border-rule text-[15px]">
      <Link onClick={() => open({ kind: 'journal' })}>{say.journal(view.entries.length)}</Link>
      <Link onClick={() => open({ kind: 'photos' })}>{say.photos(state.photos.length)}</Link>
      {Object.keys(state.fixings).length > 0 ? <Link onClick={() => open({ kind: 'which' })}>{say.whichIsIt}</Link> : null}
      {crossOutLast ? <Link onClick={crossOutLast}>{say.crossOutMyLast}</Link> : null}
      {mayWork && state.parked ? <Link onClick={() => log('resumed', {})}>{say.takeItUpAgain}</Link> : null}
      {mayWork && !state.parked ? <Link onClick={() => open({ kind: 'park' })}>{say.parkIt}</Link> : null}
      {mayWork ? <Link onClick={() => open({ kind: 'hand over' })}>{say.handOver}</Link> : null}
      {mayWork && !state.handedBack ? <Link onClick={() => open({ kind: 'not repaired' })}>{say.notRepaired}</Link> : null}
      <Link wide onClick={() => open({ kind: 'keys' })}>
        {say.keys}
      </Link>
    </div>
  )
}
