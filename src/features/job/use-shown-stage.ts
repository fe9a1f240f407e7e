import { useCallback, useEffect, useState } from 'react'
import { type Stage, STAGES } from '../../core/job'

function stageFromUrl(): Stage | null {
  const asked = new URLSearchParams(window.location.search).get('stage')?.replaceAll('-', ' ')
  return STAGES.find((s) => s === asked) ?? null
}

/** The stage on the screen: the one in the address, else the one that the job is at. */
export function useShownStage(at: Stage): { readonly stage: Stage; readonly show: (to: Stage) => void } {
  const [asked, setAsked] = useState<Stage | null>(null)
  useEffect(() => {
    const read = (): void => setAsked(stageFromUrl())
    read()
    window.addEventListener('popstate', read)
    return () => window.removeEventListener('popstate', read)
  }, [])
  const show = useCallback((to: Stage): void => {
    setAsked(to)
    window.history.pushState(null, '', `?stage=${to.replaceAll(' ', '-')}`)
  }, [])
  return { stage: asked ?? at, show }
}
