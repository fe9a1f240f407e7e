import { closed, figure, need, oneOf, stepId, testItems, text, TOOK, took, type Stored, wordedItems } from './fields.schema'
import { CHECK_IDS } from '../checks'
import { SHOWN_BY } from '../vocabulary'

const check = oneOf(CHECK_IDS).required()

export const versions = {
  1: closed({ check, evidence: need(), step: stepId(), items: wordedItems() }),
  2: closed({ check, shown: oneOf(SHOWN_BY).required(), evidence: text(), step: stepId(), items: wordedItems() }),
  3: closed({ check, shown: oneOf(SHOWN_BY).required(), evidence: text(), step: stepId(), items: testItems() }),
  4: closed({ check, shown: oneOf(SHOWN_BY).required(), evidence: text(), step: stepId(), items: testItems(), took: took() }),
  5: closed({
    check,
    shown: oneOf(SHOWN_BY).required(),
    evidence: text(),
    step: stepId(),
    items: testItems(),
    took: took(),
    amps: figure(0, 10_000),
  }),
}

export const samples: Stored<typeof versions> = {
  1: { check: 'brakes', evidence: 'lever firm', step: 'up:step:front-brake-check', items: [{ name: 'lever firm', result: 'right' }] },
  2: {
    check: 'brakes',
    shown: 'its list',
    evidence: 'lever firm',
    step: 'up:step:front-brake-check',
    items: [{ name: 'Lever firm, well off the bar', result: 'right' }],
  },
  3: {
    check: 'brakes',
    shown: 'its list',
    evidence: 'lever firm',
    step: 'up:step:front-brake-check',
    items: [
      { item: 'lever-firm', result: 'right' },
      { name: 'Drum cool after the stand', result: 'right' },
    ],
  },
  4: {
    check: 'brakes',
    shown: 'its list',
    evidence: 'lever firm',
    step: 'up:step:front-brake-check',
    items: [
      { item: 'lever-firm', result: 'right' },
      { name: 'Drum cool after the stand', result: 'right' },
    ],
    took: TOOK,
  },
  5: {
    check: 'first power',
    shown: 'fuse',
    evidence: 'blade',
    step: 'up:step:power',
    items: [
      { item: 'lever-firm', result: 'right' },
      { name: 'Drum cool after the stand', result: 'right' },
    ],
    took: TOOK,
    amps: 5,
  },
}
