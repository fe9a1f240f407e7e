import type { MachineFile } from '../../core/machine'
import { curlew } from './curlew'
import { dunlin } from './dunlin'
import { godwit } from './godwit'
import { heron } from './heron'
import { knot } from './knot'
import { pipit } from './pipit'
import { plover } from './plover'
import { redshank } from './redshank'
import { sanderling } from './sanderling'
import { whimbrel } from './whimbrel'

/**
 * Revisions that demo machines had before, by machine: a shop that still has one of them as its newest is offered the present one by
 * `npm run demo:revise`. Jobs that run keep theirs.
 */
export const FORMER: Readonly<Record<string, readonly string[]>> = {
  // 2026-11: the connectors of the drives have roles. 2026-12: the axle nuts want an open adapter, whose reach counts.
  // 2027-02: the strap goes on over the pack.
  dunlin: ['2026-03', '2026-11', '2026-12', '2027-01', '2027-02'],
  // 2026-12: what is measured asks for its figure; parts say what they are to the machine. 2027-01: what holds, lifts and
  // catches is among the tools; the Heron is chocked for every job, its rotor angle taught before its first turn, on stands; the
  // Sanderling’s display has settings. 2027-02: cautions follow from what a step is; a bolt in a groove says so.
  curlew: ['2026-06', '2026-12', '2027-01'],
  godwit: ['2026-05', '2026-12', '2027-01'],
  heron: ['2026-01', '2026-12', '2027-01'],
  // 2027-02: its belt drive says what it has.
  knot: ['2026-04', '2026-12', '2027-01'],
  pipit: ['2026-03', '2026-12', '2027-01'],
  plover: ['2026-02', '2026-12', '2027-01'],
  redshank: ['2026-01', '2026-12', '2027-01'],
  sanderling: ['2026-02', '2026-12', '2027-01'],
  whimbrel: ['2026-04', '2026-12', '2027-01'],
}

/** Every machine that the demo shop has a file of. */
export const demoMachines = (): readonly MachineFile[] => [
  dunlin(),
  sanderling(),
  pipit(),
  whimbrel(),
  godwit(),
  plover(),
  redshank(),
  curlew(),
  heron(),
  knot(),
]
