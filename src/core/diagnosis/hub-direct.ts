import { hubSymptoms } from './hub-symptoms'
import { hubTests } from './hub-tests'
import type { Action, Catalogue, Fault } from './types'

const ACTIONS: readonly Action[] = [
  {
    id: 'motor',
    name: 'new motor or lead',
    minutes: 95,
    motorOut: true,
    goal: 'motor',
    mayLeave: ['bearing', 'magnets'],
    instead: [
      {
        name: 'new lead or Halls, motor opened',
        kind: 'mend',
        minutes: 140,
        partShare: 0.1,
        when: 'No motor in stock, and winding, magnets and bearings measured good. The motor comes out all the same.',
      },
      {
        name: 'leave it, watch it',
        kind: 'leave',
        minutes: 0,
        partShare: 0,
        when: 'A worn bearing without play, early hours behind it. Never a fault that can lock or start the wheel.',
      },
    ],
  },
  { id: 'plugs', name: 'clean it, push it home', minutes: 15, goal: 'inspect' },
  {
    id: 'controller',
    name: 'new controller',
    minutes: 40,
    goal: 'controller',
    instead: [{ name: 'leave it', kind: 'leave', minutes: 0, partShare: 0, when: 'Never: a shorted bridge brakes the wheel by itself.' }],
  },
  { id: 'throttle', name: 'new throttle', minutes: 20 },
  { id: 'lever', name: 'free or change the brake switch', minutes: 10 },
  { id: 'pack', name: 'pack out, refer it', minutes: 15 },
  { id: 'feed', name: 'new pack plug or fuse', minutes: 20 },
  { id: 'brake', name: 'centre and adjust the brake', minutes: 12 },
]

/** How usual: relative, estimated. */
const FAULTS: readonly Fault[] = [
  { id: 'hall-wire', name: 'Hall wire broken at the axle', usual: 10, action: 'motor' },
  { id: 'hall-sensor', name: 'Hall sensor dead', usual: 7, action: 'motor' },
  { id: 'hall-plug', name: 'Hall plug not home or wet', usual: 12, action: 'plugs' },
  { id: 'phase-wire', name: 'Phase wire broken at the axle', usual: 4, action: 'motor' },
  { id: 'phase-plug', name: 'Phase bullet loose or burnt', usual: 8, action: 'plugs' },
  { id: 'winding', name: 'Turns shorted in the winding', usual: 4, action: 'motor' },
  { id: 'magnets', name: 'Magnets weak from heat', usual: 1.5, action: 'motor' },
  { id: 'bearing', name: 'Motor bearing worn', usual: 6, action: 'motor' },
  { id: 'bridge', name: 'Controller bridge shorted', usual: 6, action: 'controller' },
  { id: 'gate', name: 'Controller drives one phase no more', usual: 5, action: 'controller' },
  { id: 'rail', name: '5 V feed lost in the controller', usual: 3, action: 'controller' },
  { id: 'throttle', name: 'Throttle signal wrong', usual: 8, action: 'throttle' },
  { id: 'cutoff', name: 'Brake cut-off stuck on', usual: 8, action: 'lever' },
  { id: 'pack-weak', name: 'Pack sags under load', usual: 8, action: 'pack' },
  { id: 'pack-contact', name: 'Pack plug or fuse burnt', usual: 5, action: 'feed' },
  { id: 'brake-drag', name: 'Brake drags', usual: 6, action: 'brake' },
]

/**
 * What goes wrong with a direct hub drive, how it shows, and the tests that tell it apart. Every share in it is an estimate of the
 * bench, not a maker's figure; the first form has single faults only.
 * @param pack.fullVolts pack at full charge, V, above 0
 */
export function hubDirect(pack: { readonly fullVolts: number }): Catalogue {
  if (!(pack.fullVolts > 0)) throw new RangeError(`full charge must be above 0 V, got ${pack.fullVolts}`)
  return { id: 'hub direct', actions: ACTIONS, faults: FAULTS, noneUsual: 5, symptoms: hubSymptoms, tests: hubTests(pack.fullVolts) }
}
