'use client'
import * as say from '../../words/en/screens/fault'
import { Button } from '../../ui/button'
import { useJob } from '../shared/context'
import { Block } from '../shared/panel'
import type { Diagnosis } from './use-diagnosis'
import { costWords } from '../../words/en/suspects'

/** Before any theory: the cheap looks that settle half of all cases; then every other test, the best for its minutes first. */
export function FirstFive({ diagnosis }: { readonly diagnosis: Diagnosis }) {
  const { catalogue, known, advice, skipped, drive } = diagnosis
  const { open, mayWork } = useJob()
  const shown = new Map(known.flatMap((k) => (k.evidence.kind === 'symptom' ? [] : [[k.evidence.test, k.label] as const])))
  const rank = new Map(advice.ranked.map((r, i) => [r.test.id, i]))
  const line = (id: string) => {
    const test = catalogue.tests.find((t) => t.id === id)!
    const ranked = advice.ranked.find((r) => r.test.id === id)
    const done = shown.get(id)
    return (
      <li key={id} className="flex min-h-12 flex-wrap items-center gap-x-3 border-t border-rule py-1">
        <span className="flex-1 basis-64 text-[16.5px]">
          {done ? (
            <span className="text-ok">● </span>
          ) : skipped.has(id) ? (
            <span className="text-look">◆ </span>
          ) : (
            <span className="text-steel">○ </span>
          )}
          {done ?? test.title}
        </span>
        <span className="text-[14.5px] text-steel">
          {done ? null : skipped.has(id) ? say.leftOutHere : ranked ? costWords(ranked) : null}
          {test.power === 'live' && !done ? say.andLive : null}
        </span>
        {mayWork ? (
          <Button weight="quiet" className="min-h-11" onClick={() => open({ kind: 'test', test: id, drive: drive.id })}>
            {done ? say.again : say.takeIt}
          </Button>
        ) : null}
      </li>
    )
  }
  const first = catalogue.tests.filter((t) => t.first).map((t) => t.id)
  const others = catalogue.tests
    .filter((t) => !t.first)
    .map((t) => t.id)
    .sort((a, b) => (rank.get(a) ?? 99) - (rank.get(b) ?? 99))
  return (
    <>
      <Block title={say.theFirstFiveMinutes}>
        <ul>{first.map(line)}</ul>
      </Block>
      <Block title={say.everyOtherTest}>
        <ul>{others.map(line)}</ul>
      </Block>
    </>
  )
}
