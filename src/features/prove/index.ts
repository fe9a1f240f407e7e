import dynamic from 'next/dynamic'

/** Proving the work. Its script comes when one of its faces is wanted. */
export const Prove = dynamic(() => import('./stage').then((m) => m.ProveStage))
