import dynamic from 'next/dynamic'

/** Taking in, and choosing the job. Its script comes when one of its faces is wanted. */
export const Intake = dynamic(() => import('./stage').then((m) => m.IntakeStage))
