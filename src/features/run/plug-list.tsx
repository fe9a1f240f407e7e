'use client'
import * as say from '../../words/en/screens/plugs'
import { useState } from 'react'
import { type Plug, PLUG_IS, type PlugIs, plugsOf } from '../../core/job'
import { Button } from '../../ui/button'
import { TextField } from '../../ui/field'
import { PLUG_WORDS } from '../../words/en/plugs'
import { useJob } from '../shared/context'

const TONE: Readonly<Record<PlugIs, string>> = {
  tight: 'border-ok bg-ok-tint',
  loose: 'border-stop bg-stop-tint',
  wet: 'border-stop bg-stop-tint',
  burnt: 'border-stop bg-stop-tint',
  discoloured: 'border-look bg-look-tint',
  'not reached': 'border-steel bg-bench',
}

const unseen = (name: string): Plug => ({ key: `named ${name}`, name, inReach: true, seen: [] })

/** Each plug by one tap: what it was like when it was pulled, or that it could not be reached. */
export function PlugList() {
  const { state, file, log, logAll, mayWork } = useJob()
  const [name, setName] = useState('')
  // Named, and not looked at yet: a name says nothing of how a plug is.
  const [added, setAdded] = useState<readonly string[]>([])
  const known = plugsOf(state, file)
  const plugs = [...known, ...added.filter((a) => !known.some((p) => p.name === a)).map(unseen)]
  const open = plugs.filter((p) => p.seen.length === 0)
  const bodyOf = ({ connection, name }: Plug, is: PlugIs) => ({ ...(connection === undefined ? {} : { connection }), name, is })
  const add = (): void => {
    if (!name.trim()) return
    setAdded([...added, name.trim()])
    setName('')
  }
  return (
    <section aria-label={say.plugs} className="grid gap-2">
      <h3 className="flex justify-between text-[16px] font-semibold">
        {say.plugs}
        <span className="font-normal text-steel">{say.plugsDone(plugs.length - open.length, plugs.length)}</span>
      </h3>
      {plugs.length === 0 ? <p className="text-[15.5px] text-steel">{say.noPlugsKnown}</p> : null}
      <ul className="grid gap-2">
        {plugs.map((p) => (
          <PlugRow key={p.key} plug={p} onTap={mayWork ? (is) => log('plug-looked', bodyOf(p, is)) : undefined} />
        ))}
      </ul>
      {mayWork && open.length > 0 ? (
        <Button onClick={() => logAll(open.map((p) => ({ kind: 'plug-looked' as const, body: bodyOf(p, 'not reached') })))}>
          {say.restNotReached(open.length)}
        </Button>
      ) : null}
      {mayWork ? (
        <form className="flex items-end gap-2" onSubmit={(e) => (e.preventDefault(), add())}>
          <TextField
            className="flex-1"
            label={say.anotherPlug}
            value={name}
            onChange={(e) => setName(e.target.value)}
            maxLength={120}
            autoComplete="off"
          />
          <Button type="submit">{say.addIt}</Button>
        </form>
      ) : null}
    </section>
  )
}

function PlugRow({ plug, onTap }: { readonly plug: Plug; readonly onTap: ((is: PlugIs) => void) | undefined }) {
  const { addPhoto } = useJob()
  const now = plug.seen.at(-1)?.is
  const find = now !== undefined && now !== 'tight' && now !== 'not reached'
  return (
    <li className="border-b border-rule pb-2">
      <p className="text-[16px]">
        {plug.name}
        {plug.inReach ? '' : <span className="text-[14px] text-steel"> {say.coveredNow}</span>}
        {plug.seen.length > 1 ? (
          <span className="text-[14px] text-steel"> {plug.seen.map((s) => PLUG_WORDS[s.is]).join(' → ')}</span>
        ) : null}
      </p>
      <div role="group" aria-label={plug.name} className="mt-1 flex flex-wrap gap-1.5">
        {PLUG_IS.map((is) => (
          <button
            key={is}
            type="button"
            disabled={!onTap}
            aria-pressed={now === is}
            onClick={() => now !== is && onTap?.(is)}
            className={`narrow min-h-12 rounded-md border-2 px-2.5 text-[15px] ${now === is ? TONE[is] : 'border-rule bg-paper'}`}
          >
            {PLUG_WORDS[is]}
          </button>
        ))}
        {find && onTap ? (
          <Button onClick={() => addPhoto(undefined, { caption: `${plug.name}: ${PLUG_WORDS[now]}` })}>{say.photoOfIt}</Button>
        ) : null}
      </div>
    </li>
  )
}
