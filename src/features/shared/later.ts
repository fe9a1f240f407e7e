'use client'
import dynamic from 'next/dynamic'
import type { LiveRowProps } from './live-row'

// What several sheets want, and comes with the first that does. It stands in one module that a job has from the start: named in each
// sheet, it is packed once for each.

/** What a sheet tells of the hazards of what is done on it; the rules of all hazards come with the first that is shown. */
export const SheetCautions = dynamic(() => import('./sheet-cautions-list').then((m) => m.SheetCautionsList))

/** What is connected to this tablet and measures what is asked, live, and the button that takes it. */
export const LiveRow = dynamic<LiveRowProps>(() => import('./live-display').then((m) => m.LiveDisplay))
