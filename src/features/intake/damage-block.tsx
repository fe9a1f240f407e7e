'use client'
import * as say from '../../words/en/screens/intake'
import * as photos from '../../words/en/screens/photos'
import { useState } from 'react'
import { type Mark, PHOTO_SIDES, type PhotoPoint } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField, Tiles } from '../../ui/field'
import { placesOn } from '../../words/en/at-the-door'
import { captionOf } from '../../words/en/entries'
import { useJob } from '../shared/context'
import { Block, Lines } from '../shared/panel'
import { PhotoView } from '../shared/photos'

/** What was broken before anybody touched it: where on a photo, what, and who saw it. */
export function DamageBlock({ by }: { readonly by: (m: Mark) => string }) {
  const { state, file, log, mayNote, addPhoto, views } = useJob()
  const [text, setText] = useState('')
  const [side, setSide] = useState('')
  const [pin, setPin] = useState<PhotoPoint>()
  const [picked, setPicked] = useState<string>()
  const all = state.photos.filter((p) => p.step === undefined)
  const shown = all.find((p) => p.photo === picked) ?? all.at(-1)
  const places = placesOn(state.machine.class ?? file?.class)
  const add = (): void => {
    if (!text.trim()) return
    const from = side || (pin && shown?.photo === pin.photo && shown.side && PHOTO_SIDES.includes(shown.side as never) ? shown.side : '')
    log('damage-noted', { text: text.trim(), ...(from ? { side: from } : {}), ...(pin ? { pin, photo: pin.photo } : {}) })
    setText('')
    setSide('')
    setPin(undefined)
  }
  const at = pin && pin.photo === shown?.photo ? [{ key: 'now', x: pin.x, y: pin.y, mark: '●', name: say.damageHere, now: true }] : []
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
      {shown ? (
        <div className="mt-2 grid gap-1">
          <views.Pinned
            photo={shown.photo}
            alt={mayNote ? say.tapDamage : (captionOf(shown) ?? say.asItCameIn)}
            tall={280}
            also={at}
            {...(mayNote ? { onPoint: (x: number, y: number) => setPin({ photo: shown.photo, x, y }) } : {})}
          />
          <p role="status" className="narrow text-[15px] text-steel">
            {at.length > 0 ? `● ${say.damageHere}` : mayNote ? say.tapDamage : (captionOf(shown) ?? '')}
          </p>
        </div>
      ) : null}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {all.map((p, i) => (
          <button
            key={p.photo}
            type="button"
            aria-pressed={p.photo === shown?.photo}
            aria-label={photos.photoAt(i + 1, all.length)}
            onClick={() => setPicked(p.photo)}
            className="size-14 overflow-hidden rounded-md border-2 border-rule aria-pressed:border-copper"
          >
            <PhotoView id={p.photo} alt="" className="size-full object-cover" />
          </button>
        ))}
        {mayNote ? (
          <Button onClick={() => (setPicked(undefined), addPhoto())}>{all.length === 0 ? say.takeOneFirst : say.photo}</Button>
        ) : null}
      </div>
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
