import type { Bodies } from '../core/job'
import { fileVolts, type MachineFile } from '../core/machine'
import { DEFAULT_LIMITS, summariseRide } from '../core/ride'
import { quayLog } from './ride'
import { JobScript, type ScriptedJob } from './script'

const HOUR = 3_600_000
/** A voltage read with one of the shop's meters. */
const volts = (value: number, meter: number) => ({
  quantity: 'voltage' as const,
  result: { is: 'value' as const, value },
  unit: 'V' as const,
  live: true,
  instrument: { id: `i-meter-${meter}`, name: `meter ${meter}` },
})
const PORTERS = 'quay porters’ pool'

/**
 * What stands at Slipway Works when the demo world is first loaded: Dunlins at several stages, one of each other machine, and one
 * without a file.
 * @param now epoch ms of the first load; every time is an offset from it, so that proofs and cures are what they claim to be
 */
export function demoJobs(files: readonly MachineFile[], now: number): ScriptedJob[] {
  const known = (id: string): MachineFile => {
    const file = files.find((f) => f.id === id)
    if (!file) throw new RangeError(`the demo jobs want a machine file ${id}`)
    return file
  }
  const [dunlin, sanderling, whimbrel, redshank] = [known('dunlin'), known('sanderling'), known('whimbrel'), known('redshank')]
  const machine = (unit: string, file = dunlin, owner = PORTERS) => ({
    name: file.name,
    unit,
    file: file.id,
    revision: file.revision,
    owner,
    ...(fileVolts(file) !== null ? { fullVolts: fileVolts(file)! } : {}),
    class: file.class,
  })
  const start = (hoursAgo: number, by: string, file = dunlin) => new JobScript(file.id, now - hoursAgo * HOUR, by)

  const home = start(50, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 9'), stand: '', complaint: 'cuts out over the cobbles' })
    .write('symptom-noted', { text: 'cuts out over the cobbles, comes back by itself', certainty: 'sure' })
    .as('p-tobias')
    .write('test-observed', { test: 'code', outcome: 'none', live: true, drive: 'rear-drive' }, 2)
    .write('reading-taken', { test: 'pack-rest', drive: 'rear-drive', ...volts(54.6, 3) }, 2)
    .down(dunlin, 'inspect', { 'lid-edge': 'dry' })
    .write('test-observed', { test: 'tug', outcome: 'found', live: false, drive: 'rear-drive' }, 4)
    .write('fault-called', {
      certainty: 'sure',
      id: 'hall-plug',
      drive: 'rear-drive',
      way: 'swap',
    })
    .write('stage-moved', { to: 'build up' })
    .steps('up')
    .write('reading-taken', { place: 'pack at rest', ...volts(54.3, 3) }, 2)
    .write('stage-moved', { to: 'prove' })
  home
    .write(
      'ride-added',
      {
        rungs: ['walking pace', 'brake stops', 'both ways', 'gentle'],
        outcome: 'passed',
        metres: 640,
        minutes: 6,
        rider: 'Tobias',
        brakes: [
          { brake: 'front', stops: 3, from: 18, metres: 4.6 },
          { brake: 'rear', stops: 3, from: 18, metres: 5.8 },
          { brake: 'together', stops: 3, from: 18, metres: 2.9 },
        ],
        text: 'over the cobbles and back, nothing',
      },
      9,
    )
    .write('ride-added', fullRide(), 9)
    .write('stage-moved', { to: 'hand back' })
    .write('recheck-set', { what: 'tug both 6-pins', due: 'after 50 km', kilometres: 50 })
    .write('handed-back', { to: PORTERS, complaint: 'gone' })

  const curing = start(6, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 5'), stand: '4', complaint: 'front wheel grinds and gets hot' })
    .as('p-ines')
    .down(dunlin, 'front-motor-goal', { 'lid-edge': 'dry' })
    .up({ oldSerial: 'DF-2210-118', newSerial: 'DF-2603-402' })
    .write('stage-moved', { to: 'prove' })

  const down = start(2.2, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 3'), stand: '1', complaint: 'hums, rear wheel will not pull' })
    .write('damage-noted', { text: 'left bar end scraped, rear fender cracked at the screw' })
    .as('p-marit')
    .adopt(dunlin, 'rear-motor-goal', { 'lid-edge': 'dry' })
    .ready()
    .write('stage-moved', { to: 'make safe' })
    .steps('down', 8)
    .write('stage-moved', { to: 'take down' })
    .steps('down', 7)

  const up = start(3.4, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 11'), stand: '3', complaint: 'front tyre worn to the cords' })
    .as('p-tobias')
    .down(dunlin, 'front-tyre-goal', { 'lid-edge': 'sealed' })
    .up({ oldSerial: '', newSerial: '' }, 7)

  const trike = new JobScript(null, now - 1.4 * HOUR, 'p-tobias')
    .write('job-opened', {
      number: '',
      machine: { name: 'delivery trike', unit: 'bakery', owner: 'harbour bakery', fullVolts: 42, class: 'ride-on' },
      stand: '5',
      complaint: 'grinds at the left rear',
    })
    .write('symptom-noted', { text: 'grinds at the left rear, worse loaded' })
    .write('power-changed', { to: 'out', how: 'pack lifted off the rack' })
    .write('proof-taken', {
      instrument: { id: 'i-meter-1', name: 'meter 1' },
      readings: [
        { role: 'tester before', volts: 39.8 },
        { between: 'controller + and −', volts: 0 },
      ],
    })
    .write('stage-moved', { to: 'take down' })
    .write('came-off', { step: 'off:crate', sort: 'part', count: 1, text: 'crate' })
    .write('came-off', {
      step: 'off:guard-screws',
      sort: 'screw',
      count: 4,
      text: 'M5×12, PH2',
      thread: 'M5',
      tool: 'PH2',
      cell: 'A1',
      of: 'cover',
    })
    .write('came-off', { step: 'off:guard', sort: 'part', count: 1, text: 'chain guard' })
    .write('came-off', { step: 'off:light', sort: 'plug', count: 1, text: 'rear light plug' })
    .write('note-added', { text: 'guard screw 3 has a longer head than the rest', step: 'off:guard-screws' })

  const fresh = start(0.6, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 7'), stand: '2', complaint: 'jerks and won’t start off' })
    .write('symptom-noted', { text: 'jerks and won’t start off', certainty: 'sure' })
    .write('damage-noted', { text: 'grip mat lifting at the rear left corner' })

  // Looked for since this morning: four answers in, the next test at hand.
  const sought = start(1.1, 'p-aldo')
    .write('job-opened', { number: '', machine: machine('no. 2'), stand: '6', complaint: 'jerks, and runs once it is pushed' })
    .write('symptom-noted', { text: 'jerks, won’t start off', symptom: 'jerks', certainty: 'sure' })
    .as('p-marit')
    .write('symptom-noted', { text: 'runs once it is pushed', symptom: 'push', certainty: 'maybe' })
    .write('pack-checked', { result: 'sound', signs: [], lowestGroup: 3.72, temperature: 17 })
    .write('stage-moved', { to: 'find the fault' })
    .write('test-observed', { test: 'turn', outcome: 'free', live: false, drive: 'front-drive' }, 2)
    .write('reading-taken', { test: 'pack-rest', drive: 'front-drive', ...volts(55.1, 2) }, 2)
    .write('test-observed', { test: 'code', outcome: 'hall', live: true, drive: 'front-drive' }, 2)
    .write('reading-taken', { test: 'throttle', drive: 'front-drive', ...volts(2.71, 2), raw: [3.56, 0.85] }, 4)

  const rented = start(1.6, 'p-aldo', sanderling)
    .write('job-opened', {
      number: '',
      machine: machine('rental 14', sanderling, 'pier rentals'),
      stand: '7',
      complaint: 'front tyre worn through',
    })
    .write('damage-noted', { side: 'right', text: 'grip torn on the right' })
    .as('p-tobias')
    .down(sanderling, 'tyre-goal', { 'tyre-kind': 'air', 'stem-tape': 'yes' }, 9)

  const books = start(0.9, 'p-aldo', whimbrel)
    .write('job-opened', {
      number: '',
      machine: machine('book round 2', whimbrel, 'library'),
      stand: '9',
      complaint: 'whines under load, gears grate',
    })
    .as('p-ines')
    .down(whimbrel, 'gears-goal', { 'cog-kind': 'cassette', 'bags-fitted': 'on' }, 4)

  const ferry = start(0.3, 'p-aldo', redshank)
    .write('job-opened', {
      number: '',
      machine: machine('luggage 3', redshank, 'ferry terminal'),
      stand: '',
      complaint: 'weak uphill, sparks at the motor',
    })
    .write('symptom-noted', { text: 'weak uphill, sparks at the motor', certainty: 'sure' })

  const [godwit, plover, pipit, curlew, heron, knot] = [
    known('godwit'),
    known('plover'),
    known('pipit'),
    known('curlew'),
    known('heron'),
    known('knot'),
  ]
  const dunes = start(1.2, 'p-aldo', godwit)
    .write('job-opened', {
      number: '',
      machine: machine('beach 1', godwit, 'beach wardens'),
      stand: '10',
      complaint: 'whirrs, pedals turn without help',
    })
    .as('p-marit')
    .down(godwit, 'gear-goal', { 'loom-route': 'inside', 'guard-fitted': 'yes' }, 14)

  const pier = start(2.4, 'p-aldo', plover)
    .write('job-opened', {
      number: '',
      machine: machine('cart 4', plover, 'pier amusements'),
      stand: '8',
      complaint: 'wants the wide hub for the new tyre',
    })
    .as('p-tobias')
    .down(plover, 'width-goal', { 'nose-kind': 'rivets', 'hub-width': 'narrow' })
    .up({ oldSerial: '', newSerial: '' }, 8)

  const club = start(0.8, 'p-aldo', pipit)
    .write('job-opened', { number: '', machine: machine('club 3', pipit, 'harbour club'), stand: '', complaint: 'hardly brakes behind' })
    .write('symptom-noted', { text: 'hardly brakes behind', certainty: 'sure' })

  const pulls = start(0.5, 'p-aldo', curlew)
    .write('job-opened', {
      number: '',
      machine: machine('harbour 1', curlew, 'harbour master'),
      stand: '',
      complaint: 'knocks in the steering, heavy to the left',
    })
    .write('symptom-noted', { text: 'knocks in the steering when it is turned at a standstill', certainty: 'sure' })

  const slip = start(0.7, 'p-ines', heron)
    .write('job-opened', {
      number: '',
      machine: machine('slip 1', heron, 'slipway crew'),
      stand: '12',
      complaint: 'cuts back after ten minutes, pump howls',
    })
    .adopt(heron, 'pump-goal', { circuit: 'opened', 'roof-fitted': 'on' })
    .ready()

  const gym = start(0.9, 'p-aldo', knot)
    .write('job-opened', {
      number: '',
      machine: machine('gym 1', knot, 'lifeboat gym'),
      stand: '',
      complaint: 'top stops half way, clicks',
    })
    .as('p-tobias')
    .down(knot, 'actuator-goal', { 'panel-kind': 'screws', 'strut-fitted': 'yes' }, 4)

  return [home, curing, up, down, trike, fresh, sought, rented, books, ferry, dunes, pier, club, pulls, slip, gym].map((script) =>
    script.done(),
  )
}

/** A made-up ride at full speed, with its log. */
function fullRide(): Bodies['ride-added'] {
  const log = summariseRide('quay-no-9.csv', quayLog({ seconds: 420, hz: 25, top: 19 }), { ...DEFAULT_LIMITS, topSpeed: 20 })
  if (!log.ok) throw new Error(`the demo ride cannot be read: ${log.error.kind}`)
  return {
    rungs: ['full'],
    outcome: 'passed',
    minutes: 7,
    rider: 'Tobias',
    text: 'pulls clean from standstill, quiet',
    metres: Math.round((log.value.findings.find((f) => f.id === 'distance')?.value ?? 0) * 1000),
    log: log.value,
  }
}
