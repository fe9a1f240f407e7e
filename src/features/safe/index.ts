import dynamic from 'next/dynamic'

/** Power, proofs of dead and readings. Its script comes when one of its sheets is wanted. */
export const Safe = dynamic(() => import('./stage').then((m) => m.SafeStage))
