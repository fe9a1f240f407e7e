import dynamic from 'next/dynamic'

/** What a sheet tells of the hazards of what is done on it; the rules of all hazards come with the first that is shown. */
export const SheetCautions = dynamic(() => import('./sheet-cautions-list').then((m) => m.SheetCautionsList))
