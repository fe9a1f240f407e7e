'use client'
import * as say from '../../words/en/screens/intake'
import { useState } from 'react'
import type { Mark, PhotoPoint } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { placesOn } from '../../words/en/at-the-door'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'

/** What was broken before anybody touched it: where on a photo, what, and who saw it. */
export function DamageBlock({ by }: { readonly by: (m: Mark) => string }) {
  const { state, file, log, mayNote, addPhoto, views } = useJob()
  const [text, setText] = useState('')
  const [side, setSide] = useState('')
  const [pin, setPin] = useState<PhotoPoint>()
  const any = state.photos.some((p) => p.step === undefined)
  const places = placesOn(state.machine.class ?? file?.class)
  const add = (): void => {
    if (!text.trim()) return
    // What is marked on a photo is on the side that it was taken from, where nobody says otherwise.
    const from = side || (pin && state.photos.find((p) => p.photo === pin.photo)?.side)
    log('damage-noted', { text: text.trim(), ...(from ? { side: from } : {}), ...(pin ? { pin, photo: pin.photo } : {}) })
    setText('')
    setSide('')
    setPin(undefined)
  }
  return (
    <Block title={say.damageBeforeItWas}>
      <Lines
        none={say.noneSeenYetWalk}
        items={state.damage.map((s, i) => ({
          key: s.entry,
          text: `${s.pin ? `${String.fromCharCode(97 + (i % 26))} · ` : ''}${s.side ? `${s.side}: ` : ''}${s.text}`,
          by: by(s),
        }))}
      />
      {any ? <views.Damage pin={pin} onPin={setPin} /> : null}
      {mayNote ? (
        <Button className="mt-2" onClick={() => addPhoto()}>
          {any ? say.photo : say.takeOneFirst}
        </Button>
      ) : null}
      {mayNote ? (
        <form className="mt-2 grid gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
          <Tiles
            legend={say.where}
            name="damage-side"
            options={places.map((s) => ({ value: s, label: s }))}
            value={side}
            onChange={setSide}
          />
          <div className="flex items-end gap-2">
            <TextField
              className="flex-1"
              label={say.seen}
              value={text}
              onChange={(e) => setText(e.target.value)}
              placeholder={say.barEndScraped}
              maxLength={1000}
            />
            <Button type="submit">{say.noteIt}</Button>
          </div>
        </form>
      ) : null}
    </Block>
  )
}
