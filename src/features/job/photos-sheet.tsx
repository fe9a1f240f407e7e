'use client'
import * as say from '../../words/en/screens/photos'
import { useState } from 'react'
import { type Bodies, type Photo, PHOTO_SIDES, PIN_MARKS, type PinOf, stageIndex } from '../../core/job'
import { Button, Chip } from '../../ui/button'
import { SelectField, TextField } from '../../ui/field'
import { Sheet } from '../../ui/sheet'
import { clockText } from '../../ui/time'
import { captionOf } from '../../words/en/entries'
import { titleOf } from '../../words/en/titles'
import { useJob } from '../shared/context'
import type { MapPin } from '../shared/photo-map'
import { PhotoView } from '../shared/photos'

type Point = { readonly x: number; readonly y: number }
type MarkKind = (typeof PIN_MARKS)[number]

/** The film of the job: every photo, what lies at its points, and a mark or a tie put on one by a tap. */
export function PhotosSheet({ photo, onClose }: { readonly photo?: string; readonly onClose: () => void }) {
  const { state, mayNote, addPhoto } = useJob()
  const all = state.photos
  const [picked, setPicked] = useState(photo)
  const shown = all.find((p) => p.photo === picked) ?? all.at(-1)
  return (
    <Sheet open onClose={onClose} title={say.photos} note={say.filmNote(all.length)}>
      <div className="grid gap-4">
        <ol className="flex gap-2 overflow-x-auto pb-1">
          {all.map((p, i) => (
            <li key={p.photo}>
              <button
                type="button"
                aria-pressed={p.photo === shown?.photo}
                aria-label={say.photoAt(i + 1, all.length)}
                onClick={() => setPicked(p.photo)}
                className="relative size-16 overflow-hidden rounded-md border-2 border-rule aria-pressed:border-copper"
              >
                <PhotoView id={p.photo} alt="" className="size-full object-cover" />
                <span aria-hidden className="narrow absolute bottom-0 right-0 rounded-tl-sm bg-paper px-1 text-[13px]">
                  {i + 1}
                </span>
              </button>
            </li>
          ))}
        </ol>
        {shown ? <One key={shown.photo} photo={shown} /> : null}
        {mayNote ? <Button onClick={() => addPhoto()}>{say.takeOne}</Button> : null}
      </div>
    </Sheet>
  )
}

function One({ photo }: { readonly photo: Photo }) {
  const { state, mayNote, log, now, views } = useJob()
  const [at, setAt] = useState<readonly Point[]>([])
  const [mark, setMark] = useState<MarkKind | ''>('')
  const [tied, setTied] = useState('')
  const [text, setText] = useState('')
  const [first, second] = at
  const drawn: readonly MapPin[] = first
    ? [
        {
          key: 'now',
          ...first,
          mark: '●',
          name: say.markIt,
          now: true,
          ...(mark ? { draw: mark } : {}),
          ...(mark === 'arrow' ? { from: second ?? tail(first) } : {}),
        },
      ]
    : []
  const tap = (x: number, y: number): void => setAt(mark === 'arrow' && first && !second ? [first, { x, y }] : [{ x, y }])
  const save = (): void => {
    if (!first) return
    const of = readTie(tied)
    const body: Bodies['photo-pinned'] = {
      photo: photo.photo,
      ...first,
      ...(of ? { of } : {}),
      ...(mark ? { mark } : {}),
      ...(mark === 'arrow' ? { from: second ?? tail(first) } : {}),
      ...(text.trim() ? { text: text.trim() } : {}),
    }
    log('photo-pinned', body)
    setAt([])
    setText('')
    setTied('')
  }
  return (
    <div className="grid gap-3">
      <views.Pinned
        photo={photo.photo}
        listed
        alt={captionOf(photo) ?? say.nothingMarked}
        tall={360}
        also={drawn}
        {...(mayNote ? { onPoint: tap } : {})}
      />
      <p className="text-[15px] text-steel">
        {[now > 0 ? clockText(photo.at, now) : '', photo.step === undefined ? '' : titleOf(state, photo.step), captionOf(photo) ?? '']
          .filter(Boolean)
          .join(' · ')}
      </p>
      {mayNote ? (
        <>
          <div role="group" aria-label={say.takenFrom} className="flex flex-wrap items-center gap-1.5">
            <span className="narrow text-[15px] text-steel">{say.takenFrom}</span>
            {PHOTO_SIDES.map((s) => (
              <Chip key={s} on={photo.side === s} onClick={() => log('photo-added', { photo: photo.photo, side: s })}>
                {say.SIDES[s]}
              </Chip>
            ))}
          </div>
          {first ? (
            <form className="grid gap-3 rounded-md border border-rule p-3" onSubmit={(e) => (e.preventDefault(), save())}>
              <div className="flex gap-1.5">
                {PIN_MARKS.map((m) => (
                  <Chip key={m} on={mark === m} onClick={() => setMark(mark === m ? '' : m)}>
                    {say.MARKS[m]}
                  </Chip>
                ))}
              </div>
              <TieField value={tied} onChange={setTied} />
              <TextField label={say.word} value={text} onChange={(e) => setText(e.target.value)} maxLength={300} autoComplete="off" />
              <Button type="submit" weight="primary">
                {say.noteMark}
              </Button>
            </form>
          ) : (
            <p className="text-[16px]">{say.nothingMarked}</p>
          )}
        </>
      ) : null}
    </div>
  )
}

/** Where an arrow starts when only its point was tapped: from the nearer side, towards the middle. */
const tail = ({ x, y }: Point): Point => ({ x: x < 0.5 ? Math.min(1, x + 0.22) : x - 0.22, y: y < 0.5 ? Math.min(1, y + 0.22) : y - 0.22 })

function readTie(value: string): PinOf | undefined {
  const at = value.indexOf(' ')
  return at < 0 ? undefined : { is: value.slice(0, at) as PinOf['is'], id: value.slice(at + 1) }
}

/** What a point may be tied to, group by group. */
function TieField({ value, onChange }: { readonly value: string; readonly onChange: (value: string) => void }) {
  const { state, file } = useJob()
  const up = stageIndex(state.stage) >= stageIndex('build up')
  const groups: readonly (readonly [PinOf['is'], readonly { readonly id: string; readonly name: string }[]])[] = [
    ['step', state.down.filter((s) => up || s.number !== undefined).map((s) => ({ id: s.id, name: s.title }))],
    ['fixing', Object.values(state.fixings).map((f) => ({ id: f.id, name: `${f.label}, ${f.place}` }))],
    ['part', file ? file.parts : Object.values(state.parts)],
    ['plug', file?.connections ?? []],
    ['lead', file?.cables ?? []],
    ['damage', state.damage.map((d) => ({ id: d.entry, name: d.text }))],
  ]
  return (
    <SelectField label={say.tieTo} value={value} onChange={(e) => onChange(e.target.value)}>
      <option value="">{say.onlyAMark}</option>
      {groups.map(([is, list]) =>
        list.length === 0 ? null : (
          <optgroup key={is} label={say.GROUPS[is]}>
            {list.map((x) => (
              <option key={x.id} value={`${is} ${x.id}`}>
                {x.name}
              </option>
            ))}
          </optgroup>
        ),
      )}
    </SelectField>
  )
}
