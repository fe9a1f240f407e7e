import { closed, figureOrWord, id, instrumentUsed, list, need, oneOf, some, text, type Stored } from './fields.schema'

const compared = {
  part: id(),
  rows: list(
    closed({
      id: id(),
      name: need(80),
      unit: text(16),
      old: figureOrWord().required(),
      oldFrom: oneOf(['machine file', 'measured']).required(),
      fresh: figureOrWord().nullable().defined(),
      verdict: oneOf(['match', 'mismatch', 'not measured']).required(),
    }),
    60,
  )
    .min(1)
    .required(),
}

export const versions = { 1: closed(compared), 2: closed({ ...compared, instrument: some(instrumentUsed) }) }

const COMPARED = {
  part: 'front-motor',
  rows: [
    { id: 'flats', name: 'across the flats', unit: 'mm', old: 10, oldFrom: 'machine file', fresh: 10.05, verdict: 'match' },
    { id: 'plug', name: 'Hall plug', old: '6-pin', oldFrom: 'measured', fresh: null, verdict: 'not measured' },
  ],
} as const

export const samples: Stored<typeof versions> = {
  1: COMPARED,
  2: { ...COMPARED, instrument: { id: 'i-caliper', name: 'caliper', calibratedTo: '2027-02-24' } },
}
