import type { CompareSpec, MachineFile } from '../../core/machine'
import { all, any, DEAD, doing, exposed, fixing, holes, off, on, PACK_PINS, prepared, q, unplugged, way, wires } from './build'

const FLAT = ['on-wheels']
const UP = ['on-stands']
const BOTH = [...FLAT, ...UP]
const MEDIUM = { product: 'medium-strength threadlocker', grade: 'medium', handlingMinutes: 20, cureHours: 24, source: 'machine file' } as const

const MOTOR: readonly CompareSpec[] = [
  { id: 'spline', name: 'spline teeth', value: 22, smaller: 0, larger: 0, why: 'It does not enter the coupling.' },
  { id: 'flange', name: 'flange holes', value: 6, smaller: 0, larger: 0, why: 'It does not bolt to the gearbox.' },
  { id: 'ports', name: 'coolant ports, outside', unit: 'mm', value: 19, smaller: 0, larger: 0, why: 'The hoses do not seal.' },
  { id: 'resolver', name: 'resolver plug', value: '6-pin, sealed', options: ['6-pin, sealed', '8-pin, sealed'], why: 'The inverter cannot see where the rotor stands.' },
]

/** The Heron: the slipway crew’s boat tractor, a liquid-cooled traction motor at 350 V. Invented. */
export function heron(): MachineFile {
  const open = off('deck-plate')
  const boxOpen = off('box-lid')
  const dry = { fact: 'drained', of: 'motor' } as const
  return {
    format: 'nailsmith-machine/1', id: 'heron', revision: '2026-01', name: 'Heron', class: 'tractor',
    variants: [
      { id: 'circuit', question: 'Will the coolant circuit be opened, or the pump only moved aside?', options: [{ id: 'opened', label: 'Opened' }, { id: 'moved', label: 'Moved aside' }], worst: 'opened' },
      { id: 'roof-fitted', question: 'Is the spray roof on?', options: [{ id: 'on', label: 'On' }, { id: 'off', label: 'Off' }], worst: 'on' },
    ],
    drives: [{ id: 'traction-drive', name: 'traction motor', kind: 'traction', part: 'motor', carriedBy: 'gearbox', polePairs: 4, ratio: 24, lineResistance: q(0.018, 'ohm') }],
    pack: { part: 'pack', plug: 'service-plug', chemistry: 'Li-ion', cells: 96, nominal: q(350, 'V') },
    mass: q(1900, 'kg'),
    energy: [
      { id: 'energy-pack', kind: 'pack', of: 'pack', size: q(28_000, 'Wh'), releasedBy: 'service-plug' },
      { id: 'energy-capacitors', kind: 'capacitor', of: 'inverter', size: q(42, 'J', 'estimated'), releasedBy: 'prove-dead' },
      { id: 'energy-motor', kind: 'weight', of: 'motor', escape: [0, 0, -1], releasedBy: 'sling' },
      { id: 'energy-roof', kind: 'gas', of: 'roof', escape: [0, 0, 1], releasedBy: 'roof-struts' },
    ],
    sealed: [{ part: 'inverter', replacedBy: 'a whole inverter', why: 'Its seal and its coating end when it is opened.' }, { part: 'pack', replacedBy: 'the maker’s service', why: 'Nobody opens it on a slipway.' }],
    parts: [
      { id: 'frame', name: 'frame' },
      { id: 'pack', name: 'high-voltage battery', mass: q(240, 'kg'), serviceable: false },
      { id: 'roof', name: 'spray roof', mass: q(12, 'kg') },
      { id: 'deck-plate', name: 'rear deck plate', mass: q(18, 'kg'), escape: any({ variant: 'roof-fitted', is: 'off' }, off('roof'), prepared('tilt-roof')), lift: doing('Deck plate up and off', [way(FLAT, null, 2, { people: 2 })], { cautions: ['H14'], photo: 'the open rear, before anything is moved' }), back: doing('Deck plate on, seal all round', [way(FLAT, null, 2.5, { people: 2 })], { cautions: ['H40', 'H63'] }) },
      { id: 'box-lid', name: 'lid of the junction box', mass: q(0.8, 'kg'), tethers: ['interlock'], lift: doing('Lid off, interlock lead parted', [way(BOTH, null, 0.5)], { cautions: ['H46'] }), back: doing('Lid on, seal clean, interlock home', [way(BOTH, null, 1)], { cautions: ['H40'], ifOmitted: 'With the interlock open it stays dark; with water inside it arcs.' }) },
      { id: 'inverter', name: 'inverter', mass: q(14, 'kg'), serviceable: false, tethers: ['phase-lugs', 'dc-plug', 'signal-plug', 'resolver-plug'], escape: all(open, any(dry, { variant: 'circuit', is: 'moved' })), lift: doing('Inverter up out of its bay', [way(FLAT, null, 2, { people: 2 })], { cautions: ['H14'] }), back: doing('Inverter into its bay, paste new', [way(FLAT, null, 3, { people: 2 })], { consumables: [{ consumable: 'paste', count: 1 }], ifOmitted: 'Without paste it cuts back on the first pull.' }) },
      { id: 'pump', name: 'coolant pump', mass: q(1.2, 'kg'), tethers: ['pump-plug'], escape: all(open, any(all(off('pump-hoses'), dry), { variant: 'circuit', is: 'moved' })) },
      {
        id: 'motor', name: 'traction motor', mass: q(58, 'kg'), compare: MOTOR, of: ['resolver'], tethers: ['phase-lugs', 'resolver-plug'], escape: all(open, off('motor-hoses'), off('glands'), off('pump-bracket')),
        lift: doing('Draw the motor back off its spline, then up by the hoist', [way(UP, null, 8, { people: 2 })], { note: 'Everything still attached, looked for and listed, before it moves: hoses, earth strap, hidden bolt behind the bracket.', cautions: ['H28', 'H14'], photo: 'the spline and its seal' }),
        back: doing('Motor down and forward onto its spline, greased', [way(UP, null, 12, { people: 2 })], { note: 'Turn a wheel while it goes home; never draw it in by its bolts.', consumables: [{ consumable: 'spline-grease', count: 1 }], cautions: ['H28'], ifOmitted: 'Drawn in by its bolts it breaks the flange.' }),
      },
      { id: 'resolver', name: 'resolver', mass: q(0.3, 'kg'), serviceable: true, escape: off('motor') },
      { id: 'gearbox', name: 'gearbox', mass: q(70, 'kg') },
    ],
    joints: [
      fixing({ id: 'roof-struts', name: 'gas struts of the roof', kind: 'clip', holds: ['roof', 'frame'], label: 'ball end', keep: 'carrier', release: 'pry', when: { variant: 'roof-fitted', is: 'on' }, down: doing('Roof held up by one, struts off their balls', [way(FLAT, 'hook', 1.5, { people: 2 })], { cautions: ['H26'] }), up: doing('Struts onto their balls', [way(FLAT, null, 1, { people: 2 })], { cautions: ['H26'] }) }, ['left', 'right']),
      fixing({ id: 'roof-bolts', name: 'roof bolts', kind: 'screws', holds: ['roof', 'frame'], frees: ['roof'], label: 'M8×20', thread: 'M8', head: 'hexagon 13', strength: '8.8', release: 'undo', when: { variant: 'roof-fitted', is: 'on' }, access: off('roof-struts'), down: doing('Undo 4 roof bolts, lift it off', [way(FLAT, 'ring-13', 4, { people: 2 })], { cautions: ['H61'] }), up: doing('Roof on, 4 bolts', [way(FLAT, 'torque-60', 5, { people: 2 })], { passes: ['started', 'final'] }) }, holes(4, 20)),
      fixing({ id: 'deck-bolts', name: 'deck plate bolts', kind: 'screws', holds: ['deck-plate', 'frame'], label: 'M6×16', thread: 'M6', head: 'button head, hexagon socket 4', strength: '8.8', torque: q(8, 'Nm'), driver: { start: 'hand', finish: 'wrench' }, role: 'cover', keep: 'own hole', pattern: 'criss-cross', release: 'undo', down: doing('Undo 10 deck plate bolts', [way(FLAT, 'hex-4', 5)], { note: 'The rear two hide under the tow eye’s rubber.' }), up: doing('10 deck plate bolts', [way(FLAT, 'torque-20', 6)], { passes: ['started', 'final'], cautions: ['H63'] }) }, [...holes(8, 16), ['rear left, under the rubber', 16], ['rear right, under the rubber', 16]]),
      fixing({ id: 'lid-screws', name: 'junction box screws', kind: 'screws', holds: ['box-lid', 'inverter'], label: 'M5×14, captive', thread: 'M5', head: 'pan head, six-lobe T25', captive: true, keep: 'carrier', role: 'cover', pattern: 'criss-cross', release: 'loosen', access: all(open, unplugged('service-plug'), prepared('wait')), down: doing('Loosen 8 captive lid screws', [way(BOTH, 'lobe-25', 3)], { note: 'Gloves for the voltage class on, until it is shown to be dead.', cautions: ['H6'] }), up: doing('8 lid screws, criss-cross', [way(BOTH, 'lobe-25', 4)], { cautions: ['H40'] }) }, holes(8, 14)),
      fixing({ id: 'glands', name: 'cable glands at the motor', kind: 'nut', holds: ['motor', 'inverter'], label: 'gland nut M25', thread: 'M25', head: 'hexagon 30, plastic', keep: 'carrier', release: 'loosen', access: all(open, DEAD), down: doing('Loosen 3 gland nuts, draw the leads out', [way(BOTH, 'ring-30', 3)], { note: 'Letters on the leads are on their lugs: read them.', photo: 'three leads, letters showing' }), up: doing('Leads in by letter, 3 glands tight by hand and a quarter', [way(BOTH, 'ring-30', 4)], { cautions: ['H40'], ifOmitted: 'Salt water creeps along the lead.' }) }, ['U', 'V', 'W']),
      fixing({ id: 'motor-hoses', name: 'motor hoses', kind: 'hose', holds: ['motor', 'frame'], label: 'clip 25', release: 'loosen', keep: 'carrier', access: all(open, dry), down: doing('Two hose clips back, hoses off, plugged', [way(BOTH, 'clip-pliers', 2)], { cautions: ['H58'] }), up: doing('Hoses on to the mark, clips behind the bead', [way(BOTH, 'clip-pliers', 2.5)], { ifOmitted: 'A hose off under load cooks the motor in a minute.' }) }, ['in', 'out']),
      fixing({ id: 'pump-hoses', name: 'pump hoses', kind: 'hose', holds: ['pump', 'inverter'], label: 'clip 25', release: 'loosen', keep: 'carrier', when: { variant: 'circuit', is: 'opened' }, access: all(open, dry), down: doing('Two pump hoses off, plugged', [way(FLAT, 'clip-pliers', 1.5)], { cautions: ['H58'] }), up: doing('Pump hoses on, arrow with the flow', [way(FLAT, 'clip-pliers', 2)]) }, ['in', 'out']),
      fixing({ id: 'pump-bracket', name: 'pump bracket', kind: 'screws', holds: ['pump', 'frame'], frees: ['pump'], label: 'M6×20', thread: 'M6', head: 'hexagon 10', strength: '8.8', torque: q(9, 'Nm'), release: 'undo', access: open, down: doing('Undo 2 bracket bolts, pump out or hung aside', [way(FLAT, 'ring-10', 1.5)], { note: 'Hung aside: tied up, not by its hoses.' }), up: doing('Pump on its bracket, 2 bolts', [way(FLAT, 'torque-20', 2)]) }, holes(2, 20)),
      fixing({ id: 'earth-strap', name: 'earth strap', kind: 'screws', holds: ['motor', 'frame'], label: 'M8×16', thread: 'M8', head: 'hexagon 13', strength: '8.8', torque: q(18, 'Nm'), release: 'undo', access: all(open, DEAD), down: doing('Earth strap off the motor', [way(BOTH, 'ring-13', 1)], { note: 'The one that is forgotten: it sits behind the bracket.' }), up: doing('Earth strap on bare metal, resistance measured', [way(BOTH, 'torque-60', 2)], { ifOmitted: 'A fault to the case is then at 350 V.' }) }, ['behind the bracket']),
      fixing({ id: 'motor-bolts', name: 'motor flange bolts', kind: 'screws', holds: ['motor', 'gearbox'], label: 'M10', thread: 'M10', head: 'hexagon 16', strength: '8.8', torque: q(45, 'Nm'), lock: MEDIUM, pattern: 'star', release: 'undo', access: all(open, DEAD, off('motor-hoses'), off('earth-strap')), down: doing('Undo 6 flange bolts, the top one last', [way(UP, 'ring-16', 6)], { note: 'The lower two are 60 long, four 40.', cautions: ['H48'] }), up: doing('6 flange bolts in a star', [way(UP, 'torque-60', 8)], { passes: ['started', 'seated', 'final'], consumables: [{ consumable: 'locker-medium', count: 6 }], cautions: ['H48', 'H72'] }) }, [['top', 40], ['upper left', 40], ['upper right', 40], ['side', 40], ['lower left', 60], ['lower right', 60]]),
      fixing({ id: 'resolver-screws', name: 'resolver screws', kind: 'screws', holds: ['resolver', 'motor'], frees: ['resolver'], label: 'M4×10', thread: 'M4', head: 'cap head, hexagon socket 3', strength: '8.8', torque: q(2.5, 'Nm'), release: 'undo', access: off('motor'), down: doing('Mark its place, undo 3 resolver screws', [way(BOTH, 'hex-3', 2)], { photo: 'resolver and its mark' }), up: doing('Resolver to its mark, 3 screws', [way(BOTH, 'torque-6', 3)], { ifOmitted: 'Turned by a tooth the motor jerks and will not start off.' }) }, holes(3, 10)),
      fixing({ id: 'inverter-bolts', name: 'inverter bolts', kind: 'screws', holds: ['inverter', 'frame'], label: 'M6×25', thread: 'M6', head: 'hexagon 10', strength: '8.8', torque: q(9, 'Nm'), pattern: 'criss-cross', release: 'undo', access: all(open, DEAD), down: doing('Undo 6 inverter bolts', [way(FLAT, 'ring-10', 3)]), up: doing('6 inverter bolts, criss-cross', [way(FLAT, 'torque-20', 4)], { passes: ['started', 'final'] }) }, holes(6, 25)),
    ],
    connections: [
      { id: 'service-plug', name: 'service plug', family: 'two-pole with a lock lever', releaseHow: 'Lever up, wait for its click, pull.', pins: PACK_PINS, mates: ['pack', 'inverter'], access: prepared('lock-out'), down: doing('Lever up, pull the service plug, into your pocket', [way(FLAT, 'gloves', 1)], { note: 'By a person qualified for this voltage only, to the maker’s procedure.', cautions: ['H6', 'H5'] }), up: doing('Service plug home, lever down', [way(BOTH, 'gloves', 1)], { note: 'By a person qualified for this voltage only.', cautions: ['H7', 'H44'] }) },
      { id: 'interlock', name: 'interlock plug', family: '2-pin, orange', releaseHow: 'Press the latch, pull straight.', pins: wires(['orange', 'interlock'], ['orange', 'interlock return']), mates: ['box-lid', 'inverter'], access: off('lid-screws'), down: doing('Part the interlock under the lid', [way(BOTH, null, 0.25)]), up: doing('Interlock home: click', [way(BOTH, null, 0.25)]) },
      { id: 'phase-lugs', name: 'phase lugs', family: 'ring ends M8', releaseHow: 'Nut off, lug up, cap on.', pins: wires(['orange', 'phase U'], ['orange', 'phase V'], ['orange', 'phase W']), mates: ['motor', 'inverter'], access: all(boxOpen, DEAD), down: doing('Photo, 3 phase lugs off, capped', [way(BOTH, 'ring-13', 3)], { note: 'U, V, W from the left.', photo: 'lugs, letters showing' }), up: doing('3 lugs by letter, nuts to 15 N·m, marked', [way(BOTH, 'torque-60', 4)], { cautions: ['H57'], ifOmitted: 'A loose lug burns through its lid.' }) },
      { id: 'dc-plug', name: 'DC plug', family: 'two-pole, orange, lever', releaseHow: 'Two-stage lever.', pins: PACK_PINS, mates: ['inverter', 'frame'], access: all(boxOpen, DEAD), down: doing('DC plug: lever to its first stop, then right up', [way(BOTH, null, 1)]), up: doing('DC plug home, lever locked', [way(BOTH, null, 1)]) },
      { id: 'resolver-plug', name: 'resolver plug', family: '6-pin, sealed', releaseHow: 'Lift the lock, pull straight.', keying: 'Three ribs.', pins: wires(['red', 'drive +'], ['black', 'drive −'], ['white', 'sine +'], ['grey', 'sine −'], ['green', 'cosine +'], ['blue', 'cosine −']), mates: ['motor', 'inverter'], access: all(open, DEAD), down: doing('Unplug the resolver', [way(BOTH, null, 0.5)], { photo: 'resolver plug, ribs showing' }), up: doing('Resolver plug home, lock down', [way(BOTH, null, 0.5)], { ifOmitted: 'It faults at once.' }) },
      { id: 'signal-plug', name: 'signal plug', family: '12-pin, sealed', releaseHow: 'Lift the lock, pull straight.', pins: wires(['red', 'key'], ['black', '0 V'], ['white', 'data up'], ['green', 'data down'], ['blue', 'pedal 1'], ['violet', 'pedal 2'], ['yellow', 'brake'], ['grey', 'reverse']), mates: ['control-loom', 'inverter'], access: all(open, DEAD), down: doing('Unplug the 12-pin', [way(BOTH, null, 0.5)]), up: doing('12-pin home, lock down', [way(BOTH, null, 0.5)]) },
      { id: 'pump-plug', name: 'pump plug', family: '2-pin, sealed', releaseHow: 'Press the latch, pull straight.', pins: wires(['red', '+12 V'], ['black', '0 V']), mates: ['pump', 'frame'], access: all(open, DEAD), down: doing('Unplug the pump', [way(BOTH, null, 0.25)]), up: doing('Pump plug: click, then tug', [way(BOTH, null, 0.25)]) },
    ],
    cables: [
      { id: 'control-loom', name: 'control loom', of: 'frame', route: ['signal-plug'] },
      { id: 'phase-leads', name: 'phase leads', of: 'motor', route: ['glands', 'gland-hole', 'phase-lugs'], end: { width: 22, height: 8, tolerance: 0.5 } },
    ],
    holes: [{ id: 'gland-hole', part: 'motor', width: 24, height: 24 }],
    steps: [
      { id: 'chock', kind: 'prepare', limb: 'both', gives: [prepared('chock')], down: doing('Chock four wheels, off the slip, on level ground', [way(FLAT, null, 2)], { cautions: ['H32'] }), up: doing('Chocks away', [way(FLAT, null, 0.5)]) },
      { id: 'tilt-roof', kind: 'push aside', limb: 'both', when: { variant: 'roof-fitted', is: 'on' }, gives: [prepared('tilt-roof')], down: doing('Roof tilted back, stay pinned', [way(FLAT, null, 1.5, { penalty: 1, people: 2 })], { cautions: ['H26'] }), up: doing('Pin out, roof down', [way(FLAT, null, 1, { people: 2 })], { cautions: ['H26'] }) },
      { id: 'lock-out', kind: 'prepare', limb: 'both', gives: [prepared('lock-out')], down: doing('Key out, lock and tag on the switch', [way(FLAT, null, 2)], { note: 'Your lock, your name, your key in your pocket. Cordon round the machine.', ifOmitted: 'Somebody means well and switches it on.' }), up: doing('Tag and lock off, by whoever put them on', [way(FLAT, null, 1)]) },
      { id: 'wait', kind: 'prepare', limb: 'down', gives: [prepared('wait')], access: unplugged('service-plug'), down: doing('Wait 10 minutes: capacitors', [way(BOTH, null, 0.25)], { wait: 10, note: 'The time on the maker’s label, if it is longer.' }) },
      { id: 'prove-dead', kind: 'prove', limb: 'down', gives: [DEAD], check: 'dead', access: boxOpen, down: doing('Prove dead at the inverter: DC to DC, both to case, phases', [way(FLAT, 'two-pole', 5)], { note: 'Two-pole tester for the class, tried on a known source before and after. A person qualified for this voltage only.', cautions: ['H2', 'H4', 'H5', 'H64'] }) },
      { id: 'drain', kind: 'prepare', limb: 'down', gives: [dry], access: all(open, DEAD), down: doing('Drain the coolant into a clean can, 4.5 l', [way(BOTH, 'clip-pliers', 6)], { note: 'Measure it: less than 4 l means a leak to find first.', cautions: ['H58'] }) },
      { id: 'fill', kind: 'gate', limb: 'up', after: ['undo:motor-hoses', 'undo:pump-hoses'], up: doing('Fill to the mark, pump primed', [way(FLAT, null, 5)], { consumables: [{ consumable: 'coolant', count: 5 }], ifOmitted: 'A dry pump is ruined in a minute.' }) },
      { id: 'sling', kind: 'support', limb: 'down', gives: [{ fact: 'supported', of: 'motor' }], access: open, down: doing('Hoist over, sling on both eyes, just taut', [way(UP, null, 5)], { note: 'Nobody under it, ever.', ifOmitted: 'Fifty-eight kilograms drop with the last bolt.' }) },
      { id: 'inspect-plugs', kind: 'prepare', limb: 'down', gives: [prepared('inspect-plugs')], access: all(exposed('phase-lugs'), exposed('dc-plug'), exposed('resolver-plug'), exposed('signal-plug'), DEAD), down: doing('Look at every lug and lock, tug every plug', [way(FLAT, null, 5)], { photo: 'lugs and plugs as found' }) },
      { id: 'insulation', kind: 'gate', limb: 'up', after: ['unplug:phase-lugs', 'unplug:dc-plug', 'undo:glands', 'undo:earth-strap'], before: ['off:box-lid', 'unplug:service-plug'], up: doing('Insulation measured, both poles to case', [way(BOTH, 'insulation-tester', 4)], { note: 'Before the lid and before it is live; the limit on the maker’s sheet.', ifOmitted: 'A pinched lead puts the case at 350 V.' }) },
      { id: 'pinch-look', kind: 'gate', limb: 'up', check: 'pinch', after: ['off:motor', 'off:inverter', 'undo:motor-hoses', 'unplug:signal-plug', 'unplug:resolver-plug'], before: ['off:deck-plate'], up: doing('Leads and hoses clear of plate and shaft', [way(BOTH, null, 1)], { cautions: ['H63'] }) },
      { id: 'spin-test', kind: 'gate', limb: 'up', check: 'spin test', after: ['unplug:service-plug', 'undo:motor-bolts', 'step:fill', 'step:insulation', 'undo:earth-strap'], before: ['off:deck-plate', 'step:resolver-set'], up: doing('Slow turn, both ways', [way(UP, null, 4, { people: 2 }), way(FLAT, null, 4, { people: 2, penalty: 3 })], { looks: { stand: ['Rear on its stands, or the level kept clear', 'Cordon round it, one at the switch', 'Nobody within reach of a wheel'], items: ['Turns forward', 'Turns backward', 'Runs smoothly, no knock', 'Pump runs, coolant keeps its level', 'Brake stops it', 'Emergency stop cuts the drive'] }, note: 'One at the switch, one looking. On its wheels: two metres on the level, nobody near.', cautions: ['H31', 'H32', 'H52', 'H57'] }) },
      { id: 'bleed', kind: 'gate', limb: 'up', after: ['step:fill', 'unplug:service-plug'], before: ['off:deck-plate'], up: doing('Pump running 5 minutes, bled, topped up', [way(BOTH, null, 2)], { wait: 5, note: 'A level that falls is air coming out: top up, run again.' }) },
      { id: 'resolver-set', kind: 'gate', limb: 'up', check: 'calibration', after: ['off:motor', 'undo:resolver-screws', 'off:inverter'], up: doing('Rotor angle taught to the inverter', [way(BOTH, null, 4)], { note: 'By the maker’s procedure.', ifOmitted: 'It pulls weakly and runs hot.' }) },
    ],
    order: [
      { id: 'motor-before-power', limb: 'up', first: 'undo:motor-bolts', then: 'unplug:service-plug', strength: 'must', consequence: 'A motor that is not held tears its leads out.' },
      { id: 'lid-before-power', limb: 'up', first: 'undo:lid-screws', then: 'unplug:service-plug', strength: 'must', consequence: 'Open parts at 350 V.' },
      { id: 'lid-before-lock', limb: 'up', first: 'undo:lid-screws', then: 'step:lock-out', strength: 'must', consequence: 'The lock is what keeps open parts dead.' },
      { id: 'lock-off-first', limb: 'up', first: 'step:lock-out', then: 'unplug:service-plug', strength: 'must', consequence: 'A lock is taken off by its owner before anything is made live.' },
      { id: 'stands-until-tested', limb: 'up', first: 'step:spin-test', then: 'step:chock', strength: 'must', consequence: 'On its wheels it drives off.' },
      { id: 'chock-first', limb: 'down', first: 'step:chock', then: 'undo:deck-bolts', strength: 'prefer', consequence: 'Nearly two tonnes on a slip.' },
    ],
    loadPath: [{ part: 'motor', joints: ['motor-bolts'], support: 'sling' }],
    poses: [{ id: 'on-wheels', name: 'on its wheels', rotation: [0, 0, 0] }, { id: 'on-stands', name: 'rear on four stands', rotation: [0, -3, 0] }],
    poseMoves: [
      { from: 'on-wheels', to: 'on-stands', title: 'Jack the rear, four stands under the frame', note: 'Nobody under it until it stands on its stands.', people: 2, minutes: { low: 6, likely: 8, high: 15 }, guard: prepared('chock') },
      { from: 'on-stands', to: 'on-wheels', title: 'Stands away, rear let down', note: 'Nobody under it until it stands on its stands.', people: 2, minutes: { low: 4, likely: 6, high: 10 }, guard: on('motor') },
    ],
    stacks: [],
    tools: [
      { id: 'hook', name: 'ball-end hook', short: 'hook', kind: 'hook' },
      { id: 'gloves', name: 'gloves for the voltage class, tested', short: 'class gloves', kind: 'gloves', form: 'with leather over them', why: 'Torn or out of date they are no gloves.', special: true },
      { id: 'two-pole', name: 'two-pole tester, 1000 V', short: 'two-pole', kind: 'tester', special: true },
      { id: 'insulation-tester', name: 'insulation tester, 500 V', short: 'insulation', kind: 'tester', special: true },
      { id: 'hex-3', name: 'hex key 3 mm', short: 'hex 3', kind: 'hex key', size: '3' },
      { id: 'hex-4', name: 'hex key 4 mm', short: 'hex 4', kind: 'hex key', size: '4' },
      { id: 'lobe-25', name: 'six-lobe bit T25, insulated', short: 'lobe 25', kind: 'six-lobe', size: 'T25', form: 'insulated', special: true },
      { id: 'ring-10', name: 'ring spanner 10 mm', short: '10 ring', kind: 'spanner', size: '10' },
      { id: 'ring-13', name: 'ring spanner 13 mm, insulated', short: '13 ring', kind: 'spanner', size: '13', form: 'insulated', special: true },
      { id: 'ring-16', name: 'ring spanner 16 mm', short: '16 ring', kind: 'spanner', size: '16' },
      { id: 'ring-30', name: 'open spanner 30 mm', short: '30 open', kind: 'spanner', size: '30', form: 'open' },
      { id: 'clip-pliers', name: 'hose clip pliers', short: 'clip pliers', kind: 'pliers', special: true },
      { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
      { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
      { id: 'torque-60', name: 'torque wrench 10–60 N·m', short: 'torque 10–60', kind: 'torque wrench', size: '10–60' },
    ],
    consumables: [{ id: 'coolant', name: 'coolant, litre' }, { id: 'paste', name: 'heat paste, 20 g' }, { id: 'spline-grease', name: 'spline grease, 10 g' }, { id: 'locker-medium', name: 'medium threadlocker, drop' }],
    goals: [
      { id: 'inspect', name: 'inspect connections', guard: prepared('inspect-plugs'), swap: [] },
      { id: 'motor-goal', name: 'traction motor', guard: off('motor'), swap: [{ id: 'swap-motor', title: 'New motor beside the old, on its pallet', part: 'motor', note: 'Sling moved over; spline and seal looked at.', minutes: { low: 8, likely: 12, high: 20 } }] },
      { id: 'resolver-goal', name: 'resolver', guard: off('resolver'), swap: [{ id: 'swap-resolver', title: 'New resolver to the mark', part: 'resolver', minutes: { low: 2, likely: 4, high: 8 } }] },
      { id: 'pump-goal', name: 'coolant pump', guard: off('pump'), swap: [{ id: 'swap-pump', title: 'New pump beside the old, arrow looked at', part: 'pump', minutes: { low: 2, likely: 3, high: 5 } }] },
      { id: 'inverter-goal', name: 'inverter', guard: off('inverter'), swap: [{ id: 'swap-inverter', title: 'New inverter beside the old, labels read', part: 'inverter', minutes: { low: 4, likely: 6, high: 10 } }] },
    ],
    ...{ 'x-slipway': { note: 'Rinse with fresh water after every launch.', every: 'launch' } },
  }
}
