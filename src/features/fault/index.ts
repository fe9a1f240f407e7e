import dynamic from 'next/dynamic'

/** Finding the fault. Its script comes when one of its faces is wanted. */
export const Fault = dynamic(() => import('./stage').then((m) => m.FaultStage))
