import dynamic from 'next/dynamic'

/** Handing back. Its script comes when one of its faces is wanted. */
export const HandBack = dynamic(() => import('./stage').then((m) => m.HandBackStage))
