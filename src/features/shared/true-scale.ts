'use client'
import { useEffect, useState } from 'react'

/** The edges of a bank card, mm (ISO/IEC 7810, ID-1): the long one, and the short one where the glass is too narrow for it. */
export const CARD_MM = { long: 85.6, short: 53.98 } as const
/** CSS has 96 pixels in an inch, whatever the screen. */
export const CSS_PX_PER_MM = 96 / 25.4
const KEY = 'nailsmith-scale'

interface Kept {
  readonly pxPerMm: number
  readonly ratio: number
  readonly screen: number
}

/** What the scale hangs on: another zoom or another screen, and it is void. */
const here = (): Omit<Kept, 'pxPerMm'> => ({
  ratio: window.devicePixelRatio * (window.visualViewport?.scale ?? 1),
  screen: window.screen.width,
})

function kept(): number | null {
  try {
    const value = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Kept | null
    const { ratio, screen } = here()
    return value !== null && value.ratio === ratio && value.screen === screen && value.pxPerMm > 1 && value.pxPerMm < 30
      ? value.pxPerMm
      : null
  } catch {
    return null
  }
}

/** Pixels for a millimetre of glass, once a card was laid on it; null before, and where zoom or screen is another now. */
export function useTrueScale(): readonly [number | null, (pxPerMm: number) => void] {
  const [scale, setScale] = useState<number | null>(() => kept())
  // Zoomed or moved to another screen while it is open: void at once.
  useEffect(() => {
    const look = (): void => setScale(kept())
    window.addEventListener('resize', look)
    window.visualViewport?.addEventListener('resize', look)
    return () => {
      window.removeEventListener('resize', look)
      window.visualViewport?.removeEventListener('resize', look)
    }
  }, [])
  const set = (pxPerMm: number): void => {
    try {
      localStorage.setItem(KEY, JSON.stringify({ pxPerMm, ...here() }))
    } catch {
      // It holds until the page is closed.
    }
    setScale(pxPerMm)
  }
  return [scale, set]
}
