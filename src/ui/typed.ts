'use client'
import { useEffect, useRef } from 'react'

/** Letters of something that types by itself come faster than this, ms. */
const FAST_MS = 60
/** What has fewer letters may be a person. */
const LEAST = 2

/**
 * What an instrument types that passes itself off as a keyboard: a burst of letters that ends in Enter or Tab, where no field has the
 * focus. It never presses the button that has the focus.
 */
export function useTyped(onTyped: (text: string) => void): void {
  const latest = useRef(onTyped)
  useEffect(() => {
    latest.current = onTyped
  })
  useEffect(() => {
    let [burst, last] = ['', 0]
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const target = event.target instanceof Element ? event.target : document.body
      if (target.matches('input, textarea, select, [contenteditable]')) return void (burst = '')
      const fast = event.timeStamp - last <= FAST_MS
      if (event.key === 'Enter' || event.key === 'Tab') {
        const text = fast ? burst : ''
        burst = ''
        if (text.trim().length < LEAST || !/\d|OL/i.test(text)) return
        event.preventDefault()
        event.stopPropagation()
        latest.current(text)
      } else if (event.key.length === 1) {
        burst = fast ? burst + event.key : event.key
        last = event.timeStamp
        // A space in the middle of it is no press of a button.
        if (event.key === ' ' && burst.length > 1) event.preventDefault()
      }
    }
    window.addEventListener('keydown', onKey, true)
    return () => window.removeEventListener('keydown', onKey, true)
  }, [])
}
