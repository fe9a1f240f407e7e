import { type LADDERS, type Stuck } from '../../core/fasteners'

/** One thing to try: its name, how, and what must not be done. */
export interface Rung {
  readonly name: string
  readonly how: string
  readonly stop: string
}

const CLEAN_DRIVE: Rung = {
  name: 'Clean it',
  how: 'Drive and thread picked out; the tool in to its full depth, straight.',
  stop: 'A tool that does not sit takes the head with it.',
}
const SOAK: Rung = { name: 'Oil and wait', how: 'One drop of penetrating oil, ten minutes.', stop: 'None near a brake, a tyre or a seal.' }
const LEVER: Rung = {
  name: 'A longer lever',
  how: 'The other end held. Even pull, no jerks.',
  stop: 'Stop when it turns without letting go: that is the head or the thread giving.',
}
const WARM: Rung = {
  name: 'Warm it',
  how: 'Moving warm air, pack out and well away: 120 to 150 °C at the fixing to weaken it, read with a probe. Estimates.',
  stop: 'No flame. At most 80 °C at the nearest lead, seal or magnet, read there too.',
}
const GIVE_OVER: Rung = {
  name: 'Give it over',
  how: 'To somebody who extracts or drills it, with the customer’s word for what it may cost.',
  stop: 'Nothing more is tried on it here.',
}

/** Every rung of every ladder. */
const RUNGS: { readonly [K in Stuck]: Readonly<Record<(typeof LADDERS)[K][number], Rung>> } = {
  turned: {
    clean: CLEAN_DRIVE,
    soak: SOAK,
    tap: {
      name: 'Tap it',
      how: 'Along its axis, tool in place, with a soft-faced hammer.',
      stop: 'Never on an axle’s end, a bearing or a motor’s cover.',
    },
    lever: LEVER,
    warm: WARM,
    'give over': GIVE_OVER,
  },
  locked: { clean: CLEAN_DRIVE, warm: WARM, lever: LEVER, 'give over': GIVE_OVER },
  plug: {
    'find the catch': {
      name: 'Find what holds it',
      how: 'Light on it: a second catch, a slide, a screw, a heat-shrink over both halves.',
      stop: 'Nothing metal between the halves.',
    },
    'push in': {
      name: 'Push it home first',
      how: 'Right in, catch pressed, then apart: the catch is free only so.',
      stop: 'By the housings.',
    },
    rock: {
      name: 'Rock it',
      how: 'Along its long side, a little each way, a hand on each housing.',
      stop: 'Never by the leads: a pin pulls out of its crimp inside, and looks whole.',
    },
    'contact spray': {
      name: 'Contact spray',
      how: 'A little into the seam, two minutes, pins down. Dry it before it is joined.',
      stop: 'Nothing live, and none on a brake.',
    },
    'give over': { name: 'Leave it joined', how: 'Part the lead elsewhere, or the other end; say so.', stop: 'A plug torn is a loom.' },
  },
  washer: {
    clean: { name: 'Clean it', how: 'Paint, rust and old threadlocker off its edge and the thread.', stop: 'No wire brush near a seal.' },
    'two picks': {
      name: 'Two picks',
      how: 'One each side, lifted together, so that it does not tilt.',
      stop: 'Never against the seal of the bearing behind it.',
    },
    soak: SOAK,
    'turn it': {
      name: 'Turn it',
      how: 'By its outer edge, back and forth, and out.',
      stop: 'A tab washer does not turn in its slot: it comes straight out.',
    },
    'give over': { name: 'Leave it on', how: 'It stays on its axle; say that it does.', stop: 'It is not bent off.' },
  },
  wheel: {
    'weight off': { name: 'Take its weight', how: 'Lift until nothing hangs in the slots.', stop: 'Hand under it as it comes.' },
    'look for what holds': {
      name: 'Look for what holds',
      how: 'A tab still in, the lead, a brake pad, a torque arm, paint in the slots.',
      stop: 'No pull at the lead.',
    },
    soak: SOAK,
    tap: {
      name: 'Tap the arm',
      how: 'The fork or arm beside the slot, soft-faced, both sides in turn.',
      stop: 'Never on the axle’s thread or end: what is knocked in there ends the motor.',
    },
    spread: {
      name: 'Spread by hand',
      how: 'Both arms apart by hand, a millimetre.',
      stop: 'No bar: an arm that bends stays bent, and one of carbon breaks.',
    },
    'give over': { name: 'Give it over', how: 'To somebody with a spreader for it.', stop: 'Nothing more is tried on it here.' },
  },
  cover: {
    'count again': {
      name: 'Count again',
      how: 'One more screw, under a cap, a sticker, a rubber foot; a clip at the far edge.',
      stop: 'What bends is still held.',
    },
    'cut the bead': {
      name: 'Cut the bead',
      how: 'A flat blade along the seam, shallow.',
      stop: 'Leads and cells lie behind it: no deeper than the wall.',
    },
    warm: {
      name: 'Warm the bead',
      how: 'Moving warm air along the seam, 60 °C is enough for glue.',
      stop: 'Not over cells. At most 80 °C at leads and seals, read there.',
    },
    'pry at a corner': {
      name: 'Pry at a corner',
      how: 'Plastic, wide, at a catch; a second one holds what was won.',
      stop: 'No screwdriver in a sealing face.',
    },
    'give over': { name: 'Give it over', how: 'With the owner’s word that it may break.', stop: 'Nothing more is tried on it here.' },
  },
  'press fit': {
    clean: { name: 'Clean it', how: 'Burrs and paint off the shaft it has to pass.', stop: 'No file on a bearing seat.' },
    soak: SOAK,
    warm: {
      name: 'Warm the outer part',
      how: 'The outer part to 80 °C, the inner stays cold: that is enough for most fits.',
      stop: 'No flame, nothing over 80 °C at seals, magnets or a winding.',
    },
    'pull straight': {
      name: 'Puller, straight',
      how: 'All its thread in, in line, a little tension, then wait.',
      stop: 'On the ring that is tight only: force through the balls ends the bearing. Nobody in line with it.',
    },
    'give over': GIVE_OVER,
  },
  broken: {
    'grip what stands out': {
      name: 'Grip what stands out',
      how: 'Cover off first, then pliers on the stump; a slot cut in it for a flat driver.',
      stop: 'Pack out. Swarf caught: no magnet takes it off again.',
    },
    soak: SOAK,
    warm: WARM,
    'drill left-hand': {
      name: 'Drill it, left-hand',
      how: 'Centre-punched, straight, a stop on the drill for its depth: often it comes out by itself.',
      stop: 'The stop ends before cell, winding or lead. Masked, vacuum at the hole; no drill into a magnet.',
    },
    'give over': GIVE_OVER,
  },
  'torn thread': {
    'chase it': {
      name: 'Chase it',
      how: 'A tap of its size, by hand, oil, half a turn back for each one in.',
      stop: 'Not through into what lies behind.',
    },
    insert: {
      name: 'A thread insert',
      how: 'Drilled to the insert’s size with a depth stop, tapped, insert half a turn below the face, its tang out and counted.',
      stop: 'Never at an axle or steering: there the part is new. Swarf away from magnets, pack out.',
    },
    'give over': GIVE_OVER,
  },
}

/** The rung of a ladder, by its id. */
export function rungWords(on: Stuck, way: string): Rung {
  return (RUNGS[on] as Readonly<Record<string, Rung>>)[way] ?? RUNGS.turned.clean
}

/** What is stuck, as it is chosen. */
export const STUCK_NAMES: Readonly<Record<Stuck, string>> = {
  turned: 'It does not let go',
  locked: 'It does not let go',
  plug: 'The plug does not part',
  washer: 'It does not come off its axle',
  wheel: 'It does not come out of its slots',
  cover: 'It does not come off',
  'press fit': 'It does not come off its fit',
  broken: 'Head gone, or it broke off',
  'torn thread': 'Its thread is torn',
}
