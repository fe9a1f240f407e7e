'use client'
import { useEffect, useRef } from 'react'
import { typist } from './typist'

/**
 * What an instrument types that passes itself off as a keyboard: letters that come by themselves and end in Enter or Tab, where no
 * field has the focus. It never presses the button that has the focus.
 */
export function useTyped(onTyped: (text: string) => void): void {
  const latest = useRef(onTyped)
  useEffect(() => {
    latest.current = onTyped
  })
  useEffect(() => {
    const hears = typist()
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const target = event.target instanceof Element ? event.target : document.body
      const { keep, text } = hears(event.key, event.timeStamp, target.matches('input, textarea, select, [contenteditable]'))
      if (keep) event.preventDefault()
      if (keep && (event.key === 'Enter' || event.key === 'Tab')) event.stopPropagation()
      if (text !== undefined) latest.current(text)
    }
    window.addEventListener('keydown', onKey, true)
    return () => window.removeEventListener('keydown', onKey, true)
  }, [])
}
