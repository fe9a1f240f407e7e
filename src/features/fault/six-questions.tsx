'use client'
import * as say from '../../words/en/screens/fault'
import { answersIn, QUESTION_IDS, QUESTIONS } from '../../core/diagnosis'
import { chargeOf } from '../../core/job'
import { Button } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { ANSWER_WORDS, QUESTION_WORDS } from '../../words/en/six-questions'
import { useJob } from '../shared/context'

/**
 * What fault finding asks of a machine that no file knows: where its drive is, and six things that anybody sees. Folded once all is said:
 * what was answered stays in sight.
 */
export function SixQuestions() {
  const { state } = useJob()
  const answers = answersIn(state.variants)
  const said = QUESTION_IDS.flatMap((q) => (answers[q] === undefined ? [] : [ANSWER_WORDS[q][answers[q] as never]]))
  return (
    <details open={said.length < QUESTION_IDS.length} className="border-b border-rule px-5 py-3">
      <summary className="min-h-12 cursor-pointer py-2">
        <span className="title text-[20px]">{say.noFileSix}</span> <span className="text-[16px] text-steel">{said.join(' · ')}</span>
      </summary>
      <Questions />
    </details>
  )
}

function Questions() {
  const { state, log, open, mayNote, mayWork } = useJob()
  const answers = answersIn(state.variants)
  const { volts } = chargeOf(state)
  const asked = QUESTION_IDS.filter((q) => q === 'drive' || answers.drive !== undefined)
  return (
    <>
      {volts === null ? (
        <div className="mb-3 grid gap-2">
          <p className="text-[16px]">
            <span className="font-bold text-look">◆ </span>
            {say.firstItsCharge}
          </p>
          {mayWork ? <Button onClick={() => open({ kind: 'power' })}>{say.sayItsCharge}</Button> : null}
        </div>
      ) : null}
      <fieldset disabled={!mayNote} className="grid gap-3 sm:grid-cols-2">
        <legend className="sr-only">{say.noFileSix}</legend>
        {asked.map((q) => (
          <Tiles
            key={q}
            legend={QUESTION_WORDS[q]}
            name={`six-${q}`}
            value={answers[q] ?? ''}
            onChange={(option) => log('variant-answered', { variant: QUESTIONS[q].id, option })}
            options={QUESTIONS[q].options.map((o) => ({ value: o, label: ANSWER_WORDS[q][o as never] }))}
          />
        ))}
      </fieldset>
    </>
  )
}
