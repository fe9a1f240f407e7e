import dynamic from 'next/dynamic'

export type { LadderProps } from './ladder'

/** The way down, the swap and the way up. Its script comes when one of its faces is wanted. */
export const Run = dynamic(() => import('./stage').then((m) => m.RunStage))
