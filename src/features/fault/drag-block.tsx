'use client'
import * as say from '../../words/en/screens/trials'
import { trialPieces, weighTrials } from '../../core/diagnosis'
import { Button } from '../../ui/button'
import { clockText } from '../../ui/time'
import { nextTrial, PIECE_WORDS, trialWords, triedWords } from '../../words/en/trials'
import { useJob } from '../shared/context'
import { Block } from '../shared/panel'

/** What drags, found by taking one thing out at a time: what each trial cleared, what is left, and the one that would prove it. */
export function DragBlock() {
  const { state, file, open, mayWork, nameOf, now } = useJob()
  const pieces = trialPieces(file?.drives.map((d) => d.kind) ?? [], state.machine.class ?? file?.class)
  const { tried, left, next } = weighTrials(state.trials, pieces)
  return (
    <Block title={say.whatDrags} aside={mayWork ? <Button onClick={() => open({ kind: 'trial' })}>{say.takeOneOut}</Button> : null}>
      {tried.length === 0 ? <p className="text-[16px] text-steel">{say.noTrialsYet}</p> : null}
      <ul className="grid gap-1.5">
        {tried.map((t) => (
          <li key={t.trial.entry} className="text-[16.5px]">
            <span className={t.verdict === 'culprit' ? 'font-semibold text-stop' : t.verdict === 'cleared' ? 'text-ok' : 'text-look'}>
              {t.verdict === 'culprit' ? '▲' : t.verdict === 'cleared' ? '●' : '◆'} {triedWords(t)}
            </span>
            <span className="text-steel">
              {' '}
              {trialWords(t.trial)}. {nameOf(t.trial.by)}
              {now > 0 ? `, ${clockText(t.trial.at, now)}` : ''}
            </span>
          </li>
        ))}
      </ul>
      {tried.length > 0 ? (
        <div className="mt-2 grid gap-2">
          {next ? (
            <p className="text-[16.5px] font-semibold">{nextTrial(next)}</p>
          ) : left.length === 0 ? (
            <p className="text-[16.5px]">{say.allTried}</p>
          ) : null}
          {left.length > 0 ? (
            <p className="text-[15px] text-steel">{say.leftToTry(left.map((p) => PIECE_WORDS[p].name).join(', '))}</p>
          ) : null}
          {next && mayWork ? (
            <Button onClick={() => open({ kind: 'trial', ...next, back: next.do === 'put back' })}>
              {next.do === 'put back' ? say.putItBack : say.takeOneOut}
            </Button>
          ) : null}
        </div>
      ) : null}
    </Block>
  )
}
