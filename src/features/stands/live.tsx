'use client'
import * as say from '../../words/en/screens/stands'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { hear } from '../../client/channel'
import { follow } from '../../client/follow'
import { stayOffline } from '../../client/offline'

const AT_MOST_EVERY_MS = 1_500

/** Draws the stands anew when something happens to any machine; says when the server is out of reach. */
export function Live() {
  const router = useRouter()
  const [alone, setAlone] = useState(false)
  useEffect(() => {
    const lookAway = follow('board')
    stayOffline('/')
    stayOffline('/take-in')
    let timer: ReturnType<typeof setTimeout> | undefined
    const stop = hear((word) => {
      if (word.type === 'link') setAlone(word.link === 'alone' || word.link === 'troubled')
      if (word.type === 'opened') setAlone(false)
      // A stream that has just opened was told nothing of what came before; what this browser had still to send is no notice to it.
      if (word.type === 'board' || word.type === 'confirmed' || word.type === 'opened')
        timer ??= setTimeout(() => ((timer = undefined), router.refresh()), AT_MOST_EVERY_MS)
    })
    // Where the address is not secure there is no stream to follow: look every ten seconds.
    const poll = navigator.locks ? undefined : setInterval(() => router.refresh(), 10_000)
    const offline = (): void => setAlone(!navigator.onLine)
    window.addEventListener('offline', offline)
    window.addEventListener('online', offline)
    return () => {
      lookAway()
      stop()
      clearTimeout(timer)
      clearInterval(poll)
      window.removeEventListener('offline', offline)
      window.removeEventListener('online', offline)
    }
  }, [router])
  return (
    <p role="status" className={alone ? 'bg-look-tint px-5 py-2 text-[16px]' : 'sr-only'}>
      {alone ? say.noConnection : ''}
    </p>
  )
}
