import { useCallback, useEffect, useState } from 'react'
import { type Stage, STAGES } from '../../core/job'

/** Letters only: `Take-Down`, `take_down` and `takedown` are one. */
const letters = (text: string): string => text.toLowerCase().replaceAll(/[^a-z]/g, '')

/** The stage that an address names: by its name however it is written, or by a word that only one stage has. */
export function stageNamed(text: string): Stage | null {
  const asked = letters(text)
  if (asked === '') return null
  const whole = STAGES.find((s) => letters(s) === asked)
  if (whole) return whole
  const some = STAGES.filter((s) => s.split(' ').includes(asked))
  return some.length === 1 ? some[0]! : null
}

/** The stage on the screen: the one in the address, else the one that the job is at; and what stands there that names none. */
export function useShownStage(at: Stage): {
  readonly stage: Stage
  readonly show: (to: Stage) => void
  readonly unknown: string | null
} {
  const [asked, setAsked] = useState<string | null>(null)
  useEffect(() => {
    const read = (): void => setAsked(new URLSearchParams(window.location.search).get('stage'))
    read()
    window.addEventListener('popstate', read)
    return () => window.removeEventListener('popstate', read)
  }, [])
  const show = useCallback((to: Stage): void => {
    setAsked(to)
    window.history.pushState(null, '', `?stage=${to.replaceAll(' ', '-')}`)
  }, [])
  const stage = asked === null ? null : stageNamed(asked)
  return { stage: stage ?? at, show, unknown: asked !== null && stage === null ? asked : null }
}
