import { closed, figureOrWord, id, list, need, oneOf, text, type Stored } from './fields.schema'

export const versions = {
  1: closed({
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
  }),
}

export const samples: Stored<typeof versions> = {
  1: {
    part: 'front-motor',
    rows: [
      { id: 'flats', name: 'across the flats', unit: 'mm', old: 10, oldFrom: 'machine file', fresh: 10.05, verdict: 'match' },
      { id: 'plug', name: 'Hall plug', old: '6-pin', oldFrom: 'measured', fresh: null, verdict: 'not measured' },
    ],
  },
}
