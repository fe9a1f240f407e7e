'use client'
import dynamic from 'next/dynamic'
import type { WorkSheetProps } from './work-sheet'

/** A sum of the bench over a job; it comes when the first is opened. */
export const WorkSheet = dynamic<WorkSheetProps>(() => import('./work-sheet').then((m) => m.WorkSheet))
