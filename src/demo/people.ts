/** The people of Slipway Works. Invented. */
export const PEOPLE = [
  { id: 'p-ines', name: 'Ines', role: 'lead', qualified: true },
  { id: 'p-tobias', name: 'Tobias', role: 'mechanic', qualified: false },
  { id: 'p-marit', name: 'Marit', role: 'mechanic', qualified: false },
  { id: 'p-aldo', name: 'Aldo', role: 'front desk', qualified: false },
  { id: 'p-runa', name: 'Runa', role: 'viewer', qualified: false },
] as const

export const SHOP = 'Slipway Works'

/** The bench tablet on which the demo jobs were logged. */
export const BENCH_TABLET = '00000000-0000-7000-8000-00000000be2c'
