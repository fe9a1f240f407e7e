'use client'
import * as say from '../../words/en/screens/intake'
import * as photos from '../../words/en/screens/photos'
import { answersIn, QUESTION_IDS, QUESTIONS } from '../../core/diagnosis'
import { chargeOf, type PhotoSide } from '../../core/job'
import { Button } from '../../ui/button'
import { Tiles } from '../../ui/field'
import { ANSWER_WORDS, QUESTION_WORDS } from '../../words/en/six-questions'
import { useJob } from '../shared/context'
import { PhotoView } from '../shared/photos'

/** Taken before anything is undone: both sides, from below, and what stands on its label. */
const FOUR = ['left', 'right', 'below', 'label'] as const satisfies readonly (PhotoSide | 'label')[]

/** A machine that nobody has a file of: what it is asked before, and then logged as it comes off. */
export function NoFileCard() {
  const { state, log, show, open, mayWork, mayNote } = useJob()
  const { volts } = chargeOf(state)
  const answers = answersIn(state.variants)
  const six = QUESTION_IDS.filter((q) => q !== 'drive')
  const said = six.filter((q) => answers[q] !== undefined)
  return (
    <article className="flex min-h-full flex-col gap-3">
      <p className="text-[15px] text-steel">{say.noMachineFile}</p>
      <h2 className="title text-[30px]">{say.logItAs}</h2>
      <p className="text-[17px]">{say.nobodyHasAFile}</p>
      <FourPhotos />
      {mayNote ? (
        <Tiles
          legend={QUESTION_WORDS.drive}
          name="door-drive"
          value={answers.drive ?? ''}
          onChange={(option) => log('variant-answered', { variant: QUESTIONS.drive.id, option })}
          options={QUESTIONS.drive.options.map((o) => ({ value: o as string, label: ANSWER_WORDS.drive[o] }))}
        />
      ) : null}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => show('find the fault')}>{say.sixQuestions(said.length, six.length)}</Button>
        {volts === null && mayWork ? <Button onClick={() => open({ kind: 'power' })}>{say.sayItsCharge}</Button> : null}
      </div>
      <p className="text-[16px] text-steel">{say.makeItSafeFirst}</p>
      <div className="sticky -bottom-4 mt-auto grid gap-2 bg-paper pb-4 pt-2">
        {mayWork ? (
          <Button
            weight="primary"
            onClick={() => (
              state.stage === 'take in' || state.stage === 'find the fault' ? log('stage-moved', { to: 'take down' }) : undefined,
              show('take down')
            )}
          >
            {say.startDown}
          </Button>
        ) : null}
      </div>
    </article>
  )
}

function FourPhotos() {
  const { state, addPhoto, mayNote } = useJob()
  const one = (of: (typeof FOUR)[number]) => state.photos.findLast((p) => (of === 'label' ? p.shows === 'label' : p.side === of))
  return (
    <div role="group" aria-label={say.fourPhotos} className="grid grid-cols-4 gap-2">
      {FOUR.map((of) => {
        const taken = one(of)
        const name = of === 'label' ? say.itsLabel : photos.SIDES[of]
        return (
          <button
            key={of}
            type="button"
            disabled={!mayNote}
            onClick={() => addPhoto(undefined, of === 'label' ? { shows: 'label' } : { side: of })}
            className="narrow relative grid h-[84px] place-items-center overflow-hidden rounded-lg border-2 border-dashed border-steel text-[15px] leading-tight"
          >
            {taken ? <PhotoView id={taken.photo} alt="" className="absolute inset-0 size-full object-cover" /> : null}
            <span className={taken ? 'absolute inset-x-0 bottom-0 bg-paper px-1 py-0.5' : ''}>{taken ? `● ${name}` : name}</span>
          </button>
        )
      })}
    </div>
  )
}
