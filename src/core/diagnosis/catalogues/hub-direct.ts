import { type Draft, toldBy } from './draft'
import { hubDirectTold } from './hub-direct-symptoms'
import { PM_ACTIONS, PM_FAULTS, PM_PAIRS } from './pm'
import { pmTests } from './pm-tests'

/** What goes wrong with a direct hub drive, how it shows, and the tests that tell it apart. @param full pack at full charge, V */
export const hubDirectDraft = (full: number): Draft => ({
  id: 'hub direct',
  actions: PM_ACTIONS,
  faults: PM_FAULTS,
  noneUsual: 6,
  pairs: PM_PAIRS,
  symptoms: toldBy(hubDirectTold),
  tests: pmTests(full),
})
