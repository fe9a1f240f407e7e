import type { MachineFile } from '../../core/machine'
import { dunlin } from './dunlin'
import { redshank } from './redshank'
import { sanderling } from './sanderling'
import { whimbrel } from './whimbrel'

/** Every machine that the demo shop has a file of. */
export const demoMachines = (): readonly MachineFile[] => [dunlin(), sanderling(), whimbrel(), redshank()]
