import type { Action, Fault, Pair } from '../types'

/** What is done about faults of a drive with three phases and Halls. */
export const PM_ACTIONS: readonly Action[] = [
  {
    id: 'motor',
    name: 'new motor or lead',
    minutes: 95,
    motorOut: true,
    goal: 'motor',
    mayLeave: ['bearing', 'magnets', 'bearing-seat'],
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
  { id: 'unlock', name: 'free what holds it: lock, seat, throttle at zero; wake the pack', minutes: 5 },
  { id: 'pack', name: 'pack out, refer it', minutes: 15 },
  { id: 'feed', name: 'new pack plug or fuse', minutes: 20 },
  { id: 'brake', name: 'centre and adjust the brake', minutes: 12 },
  { id: 'order', name: 'match phases and Halls anew', minutes: 30, goal: 'inspect' },
  { id: 'charger', name: 'another charger', minutes: 5 },
  { id: 'port', name: 'new charge port or its fuse', minutes: 25 },
]

/** How usual with a direct hub: relative, estimated. */
export const PM_FAULTS: readonly Fault[] = [
  {
    id: 'hall-wire',
    name: 'Hall wire broken at the axle',
    usual: 10,
    action: 'motor',
    comesAndGoes: 0.3,
    of: 'rotor sensors',
    ages: 'wears',
  },
  { id: 'hall-sensor', name: 'Hall sensor dead', usual: 7, action: 'motor', comesAndGoes: 0.08, of: 'rotor sensors', ages: 'early' },
  {
    id: 'hall-plug',
    name: 'Hall plug not home or wet',
    usual: 12,
    action: 'plugs',
    comesAndGoes: 0.35,
    afterWork: 4,
    of: 'rotor sensors',
    ages: 'early',
  },
  { id: 'phase-wire', name: 'Phase wire broken at the axle', usual: 4, action: 'motor', comesAndGoes: 0.15 },
  { id: 'phase-plug', name: 'Phase bullet loose or burnt', usual: 8, action: 'plugs', comesAndGoes: 0.2, afterWork: 3, ages: 'early' },
  { id: 'phase-hall', name: 'Phase onto a Hall wire at the axle', usual: 2, action: 'motor', of: 'rotor sensors', ages: 'early' },
  { id: 'lead-torn', name: 'Axle turned, lead torn', usual: 2.5, action: 'motor', afterWork: 3 },
  { id: 'stator-slipped', name: 'Stator slipped on its axle', usual: 0.6, action: 'motor' },
  { id: 'winding', name: 'Turns shorted in the winding', usual: 4, action: 'motor' },
  { id: 'magnets', name: 'Magnets weak from heat', usual: 1.5, action: 'motor' },
  { id: 'magnet-loose', name: 'Magnet loose', usual: 0.8, action: 'motor', ages: 'early' },
  { id: 'water', name: 'Water inside', usual: 3, action: 'motor', comesAndGoes: 0.2 },
  { id: 'bearing', name: 'Motor bearing worn', usual: 6, action: 'motor', ages: 'wears' },
  { id: 'bearing-seat', name: 'Bearing loose in its seat', usual: 1, action: 'motor', ages: 'early' },
  { id: 'cover-cracked', name: 'Cover or flange cracked', usual: 0.8, action: 'motor' },
  { id: 'disc-threads', name: 'Threads of the disc stripped', usual: 0.8, action: 'motor', afterWork: 3 },
  { id: 'temp-sensor', name: 'Temperature sensor dead', usual: 1.2, action: 'motor', of: 'winding sensor' },
  { id: 'bridge', name: 'Controller bridge shorted', usual: 6, action: 'controller' },
  { id: 'gate', name: 'Controller drives one phase no more', usual: 5, action: 'controller', ages: 'early' },
  { id: 'rail', name: '5 V feed lost in the controller', usual: 3, action: 'controller', of: 'rotor sensors' },
  { id: 'throttle', name: 'Throttle signal wrong', usual: 8, action: 'throttle', comesAndGoes: 0.15, ages: 'wears' },
  { id: 'cutoff', name: 'Brake cut-off stuck on', usual: 8, action: 'lever', afterWork: 2 },
  { id: 'locked', name: 'Locked: app, code, seat or throttle not at zero', usual: 5, action: 'unlock' },
  { id: 'asleep', name: 'Pack asleep', usual: 3, action: 'unlock' },
  { id: 'pack-weak', name: 'Pack sags under load', usual: 8, action: 'pack', ages: 'wears' },
  { id: 'pack-contact', name: 'Pack plug or fuse burnt', usual: 5, action: 'feed', comesAndGoes: 0.25 },
  { id: 'brake-drag', name: 'Brake drags', usual: 6, action: 'brake', afterWork: 3 },
  { id: 'wrong-order', name: 'Phases or Halls changed over', usual: 0.7, action: 'order', afterWork: 15 },
  {
    id: 'other-spacing',
    name: 'Halls of another spacing than the controller’s',
    usual: 0.2,
    action: 'motor',
    afterWork: 8,
    of: 'rotor sensors',
  },
  { id: 'charger', name: 'Charger dead', usual: 4, action: 'charger' },
  { id: 'charge-port', name: 'Charge port or its fuse open', usual: 3, action: 'port', comesAndGoes: 0.2 },
]

/** One brings the other about, or one blow both. How usual: relative, estimated. */
export const PM_PAIRS: readonly Pair[] = [
  { faults: ['hall-wire', 'hall-plug'], usual: 1 },
  { faults: ['bridge', 'winding'], usual: 0.8 },
  { faults: ['phase-hall', 'rail'], usual: 0.8 },
  { faults: ['bridge', 'phase-hall'], usual: 0.4 },
  { faults: ['phase-wire', 'hall-wire'], usual: 0.6 },
  { faults: ['pack-weak', 'phase-plug'], usual: 0.5 },
  { faults: ['bearing', 'water'], usual: 0.5 },
]

/** Of a list of faults those named, as usual as they are here. */
export function asUsual(faults: readonly Fault[], usual: Readonly<Record<string, number>>): Fault[] {
  return Object.entries(usual).map(([id, n]) => {
    const fault = faults.find((f) => f.id === id)
    if (!fault) throw new RangeError(`there is no fault ${id}`)
    return { ...fault, usual: n }
  })
}
