'use client'
import { useEffect, useRef } from 'react'

export interface KeyDeeds {
  /** Space and PageDown: the present step. */
  readonly go: () => void
  /** Shift+Space and PageUp: cross out this person's last on this device. */
  readonly back: () => void
  readonly [letter: string]: () => void
}

const DEAF_MS = 400

/**
 * Keyboard and foot pedal. Key repeat, and steps within 400 ms of the last, are ignored; Space yields to a focused control;
 * single keys are off while typing, and altogether when switched off.
 */
export function useKeys(deeds: KeyDeeds, singleKeys: boolean): void {
  const latest = useRef({ deeds, singleKeys })
  useEffect(() => {
    latest.current = { deeds, singleKeys }
  })
  useEffect(() => {
    let last = 0
    const onKey = (event: KeyboardEvent): void => {
      const { deeds: now, singleKeys: single } = latest.current
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return
      if (document.querySelector('[role="dialog"]')) return
      const target = event.target instanceof Element ? event.target : document.body
      const typing = target.matches('input, textarea, select, [contenteditable]')
      const control = target.closest('button, a, summary, [role="button"], [role="tab"]') !== null
      const pedal = event.key === 'PageDown' || event.key === 'PageUp'
      if (event.key === ' ' ? typing || control : pedal ? false : typing || !single) return
      const deed =
        event.key === 'PageDown' || (event.key === ' ' && !event.shiftKey)
          ? now.go
          : event.key === 'PageUp' || event.key === ' '
            ? now.back
            : event.key.length === 1 && Object.hasOwn(now, event.key.toLowerCase())
              ? now[event.key.toLowerCase()]
              : undefined
      if (!deed) return
      event.preventDefault()
      if (event.repeat) return
      if (deed === now.go || deed === now.back) {
        if (event.timeStamp - last < DEAF_MS) return
        last = event.timeStamp
      }
      deed()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
