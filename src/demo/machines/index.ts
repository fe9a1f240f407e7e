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
