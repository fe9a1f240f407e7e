'use client'
import * as say from '../../words/en/screens/cost'
import { agreedUpTo, estimateOf } from '../../core/job'
import { Button } from '../../ui/button'
import { askedWords } from '../../words/en/owner'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'

/** What the job will cost, and what its owner said where that is more than was agreed. Where no sum was named, nothing is asked. */
export function CostBlock() {
  const { state, open, mayNote, nameOf, now } = useJob()
  if (state.ceiling === undefined && !state.cost) return null
  const [estimate, agreed] = [estimateOf(state), agreedUpTo(state)]
  const above = estimate !== null && agreed !== undefined && estimate.total > agreed
  return (
    <Block title={say.whatItCosts} aside={mayNote ? <Button onClick={() => open({ kind: 'cost' })}>{say.estimateIt}</Button> : null}>
      <p className="text-[16.5px]">
        {estimate ? say.estimateLine(estimate.parts, estimate.minutes, estimate.total) : say.noCostYet}{' '}
        {agreed === undefined ? '' : say.agreed(agreed)}
      </p>
      {above ? (
        <p className="mt-2 border-l-[6px] border-look bg-look-tint px-4 py-2 text-[16.5px]">
          <span className="font-bold text-look">◆ </span>
          {say.aboveTheCeiling(estimate.total, agreed)}
        </p>
      ) : null}
      {state.asked.length > 0 ? (
        <div className="mt-2">
          <Lines
            none=""
            items={state.asked.map((a) => ({
              key: a.entry,
              text: `${a.who}: ${askedWords(a)}`,
              by: `${nameOf(a.by)}${now > 0 ? `, ${clockText(a.at, now)}` : ''}`,
            }))}
          />
        </div>
      ) : null}
    </Block>
  )
}
