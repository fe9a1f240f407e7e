'use client'
import { useState } from 'react'
import type { Mark } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'
import { PhotoView } from '../shared/photos'

/** One line in, one button: for symptoms and damage. */
function AddLine({ label, placeholder, onAdd }: { readonly label: string; readonly placeholder: string; readonly onAdd: (text: string) => void }) {
  const [text, setText] = useState('')
  return (
    <form className="mt-2 flex items-end gap-2" onSubmit={(e) => (e.preventDefault(), text.trim() && (onAdd(text.trim()), setText('')))}>
      <TextField className="flex-1" label={label} value={text} onChange={(e) => setText(e.target.value)} placeholder={placeholder} maxLength={1000} />
      <Button type="submit">Note it</Button>
    </form>
  )
}

const SIGNS = ['swollen', 'wet', 'hit', 'smelling', 'hot', 'low cell group'] as const

/** Take in: what it is, what it does, what was already broken, and how the pack looks. */
export function IntakePanel() {
  const { state, file, log, mayNote, mayWork, nameOf, now, addPhoto } = useJob()
  const [signs, setSigns] = useState<readonly string[]>([])
  const by = (m: Mark): string => `${nameOf(m.by)}${now > 0 ? `, ${clockText(m.at, now)}` : ''}`
  const loosePhotos = state.photos.filter((p) => p.step === undefined)
  return (
    <div className="overflow-y-auto bg-bench">
      <Block title="What it does">
        <Lines none="Nothing noted yet." items={state.symptoms.map((s) => ({ key: s.entry, text: `“${s.text}”`, by: by(s) }))} />
        {mayNote ? <AddLine label="It also" placeholder="jerks when cold" onAdd={(text) => log('symptom-noted', { text })} /> : null}
      </Block>
      <Block title="Damage before it was touched">
        <Lines none="None seen yet. Walk round it once." items={state.damage.map((s) => ({ key: s.entry, text: s.text, by: by(s) }))} />
        {mayNote ? <AddLine label="Seen" placeholder="left bar end scraped" onAdd={(text) => log('damage-noted', { text })} /> : null}
        <div className="mt-3 flex flex-wrap gap-2">
          {loosePhotos.map((p) => <PhotoView key={p.entry} id={p.photo} alt={p.caption ?? 'As it came in'} className="h-24 rounded-md border border-rule" />)}
          {mayNote ? <Button onClick={() => addPhoto()}>Photo</Button> : null}
        </div>
      </Block>
      <Block title="The pack, before anything is charged">
        {state.packCheck ? (
          <p className="text-[17px]">
            {state.packCheck.result === 'sound' ? <span className="font-semibold text-ok">● Sound</span> : <span className="font-semibold text-stop">▲ Quarantine: {state.packCheck.signs.join(', ')}. Outdoors, away from anything that burns; refer it.</span>} <span className="text-[14px] text-steel">{by(state.packCheck)}</span>
          </p>
        ) : null}
        {mayWork ? (
          <>
            <fieldset className="mt-2">
              <legend className="mb-1 text-[15px] font-semibold">Any of these?</legend>
              <div className="flex flex-wrap gap-2">
                {SIGNS.map((sign) => (
                  <label key={sign} className="narrow flex min-h-12 cursor-pointer items-center gap-2 rounded-lg border-2 border-rule bg-paper px-3 has-checked:border-stop has-checked:bg-stop-tint">
                    <input type="checkbox" className="size-5 accent-stop" checked={signs.includes(sign)} onChange={() => setSigns(signs.includes(sign) ? signs.filter((s) => s !== sign) : [...signs, sign])} />
                    {sign}
                  </label>
                ))}
              </div>
            </fieldset>
            <Button className="mt-3" weight={signs.length > 0 ? 'stop' : 'plain'} onClick={() => log('pack-checked', { result: signs.length > 0 ? 'quarantine' : 'sound', signs })}>
              {signs.length > 0 ? 'To quarantine' : 'None of them: sound'}
            </Button>
          </>
        ) : null}
      </Block>
      {file && file.variants.length > 0 ? (
        <Block title="Which one exactly">
          <div className="grid gap-3">
            {file.variants.map((v) => (
              <div key={v.id}>
                {mayNote ? (
                  <Tiles legend={v.question} name={v.id} options={v.options.map((o) => ({ value: o.id, label: o.label }))} value={state.variants[v.id] ?? ''} onChange={(option) => log('variant-answered', { variant: v.id, option })} />
                ) : <p className="text-[17px]">{v.question} {v.options.find((o) => o.id === state.variants[v.id])?.label ?? 'not answered'}</p>}
                {state.variants[v.id] === undefined ? <p className="mt-1 text-[15px] text-look">◆ Not answered: planned as “{v.options.find((o) => o.id === v.worst)?.label}”.</p> : null}
              </div>
            ))}
          </div>
        </Block>
      ) : null}
    </div>
  )
}
