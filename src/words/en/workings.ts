import type { FieldFault, Group, Note, Senseless, TextFault, Verdict, WorkingId, WORKINGS } from '../../core/workings'
import { unitLabel } from '../../core/units'
import { BEHIND_WORDS } from './worked'
import { readFaultWords } from './read-errors'

type FieldsOf<K extends WorkingId> = keyof (typeof WORKINGS)[K]['fields'] & string

interface Words<K extends WorkingId> {
  /** What it tells, in a line. */
  readonly tells: string
  readonly fields: Readonly<Record<FieldsOf<K>, string>>
  /** Figures that come out, by id. */
  readonly figures: Readonly<Record<string, string>>
}

/** Every working in words. One that has none does not compile; a test asks the figures. */
export const WORKING_WORDS: { readonly [K in WorkingId]: Words<K> } = {
  'length-in-hole': {
    tells: 'Does it reach what is behind?',
    fields: {
      thread: 'Thread',
      length: 'Length below the head',
      washers: 'Washers, all together',
      stack: 'What is clamped',
      depth: 'Thread to what is behind',
      behind: 'Behind it lies',
      into: 'Tapped in',
    },
    figures: {
      clearance: 'left to what is behind',
      engaged: 'thread held',
      touches: 'chance that it touches',
      washer: 'least washer more',
      longest: 'longest usual screw',
    },
  },
  stripping: {
    tells: 'What gives first: screw or hole?',
    fields: { thread: 'Thread', strength: 'Class of the screw', into: 'Tapped in', engaged: 'Thread held' },
    figures: { enough: 'enough from', givesAt: 'it gives at' },
  },
  'used-again': {
    tells: 'By how much longer a screw has become.',
    fields: {
      strength: 'Class of the screw',
      wasNew: 'Length when new',
      now: 'Length now',
      threadSound: 'Thread sound, runs on by hand',
      yielded: 'Was tightened past its yield',
      patch: 'Dry patch on its thread',
    },
    figures: { grown: 'longer by', elastic: 'comes back from' },
  },
  tightening: {
    tells: 'Torque and pull, over the friction that it may have.',
    fields: {
      thread: 'Thread',
      strength: 'Class of the screw',
      head: 'Head',
      surface: 'Thread and face are',
      into: 'Tapped in',
      engaged: 'Thread held',
      torque: 'Torque, where one is given',
      prevailing: 'To run it down, before it is seated',
    },
    figures: {
      set: 'tighten to',
      most: 'at most, without running down',
      pullLow: 'pulls at least',
      pullLikely: 'likely',
      pullHigh: 'at most',
      used: 'of its yield, at the slickest',
      enough: 'thread enough from',
    },
  },
  'which-number': {
    tells: 'Numbers disagree: who says which, and which to take.',
    fields: {
      a: 'One says',
      aBy: 'and who is that?',
      b: 'Another says',
      bBy: 'and who is that?',
      c: 'A third says',
      cBy: 'and who is that?',
      d: 'A fourth says',
      dBy: 'and who is that?',
    },
    figures: { advice: 'take', least: 'least that is said', most: 'most that is said', against: 'that do not go with it' },
  },
  pattern: {
    tells: 'Screws in turn, and how tight in which round. In each stands its turn; beside it, its number.',
    fields: { count: 'Screws', laid: 'They lie', torque: 'Torque at the end', rounds: 'Rounds' },
    figures: { round1: 'first round', round2: 'second round', round3: 'third round', round4: 'fourth round' },
  },
  adapter: {
    tells: 'What to set, so that the fixing gets its number.',
    fields: {
      torque: 'Wanted at the fixing',
      length: 'Square drive to grip',
      reach: 'Square drive to fixing',
      angle: 'Angle to the wrench',
      from: 'Scale from',
      to: 'Scale to',
    },
    figures: { set: 'set it to' },
  },
  'hand-force': {
    tells: 'Newton metres from arm and lever; what lets go.',
    fields: { pull: 'Pull', lever: 'Lever', torque: 'It was tightened to', state: 'It is' },
    figures: {
      likely: 'likely',
      low: 'at least',
      high: 'at most',
      letsGoLow: 'lets go from',
      letsGoHigh: 'to',
      pullFor: 'pull for it, at most',
    },
  },
  cure: {
    tells: 'When it holds, at this temperature.',
    fields: { handling: 'Holds by its sheet', full: 'Cured by its sheet', temperature: 'On the bench' },
    figures: { handling: 'holds a spin after', full: 'holds the ride after' },
  },
  'shaft-stack': {
    tells: 'Every piece in its order: how wide, does it fit, how much thread is left.',
    fields: {
      left: 'Left end',
      right: 'Right end',
      hub: 'Between both: hub, over its shoulders',
      opening: 'Frame opening',
      thread: 'Thread',
      leftOut: 'Left shoulder to end of the axle',
      rightOut: 'Right shoulder to end of the axle',
    },
    figures: {
      spread: 'wider than the frame by',
      over: 'over it all, inside the frame',
      leftWide: 'left end, all that is clamped',
      leftInside: 'left, inside the frame',
      leftShows: 'thread shows left',
      rightWide: 'right end, all that is clamped',
      rightInside: 'right, inside the frame',
      rightShows: 'thread shows right',
    },
  },
  'over-opening': {
    tells: 'Does it go in, or spread the frame?',
    fields: { hub: 'Hub, over its shoulders', left: 'Inside the frame, left', right: 'Inside the frame, right', opening: 'Frame opening' },
    figures: { spread: 'wider than the frame by', over: 'over it all' },
  },
  'thread-left': {
    tells: 'A full nut, and one to three turns.',
    fields: {
      thread: 'Thread',
      standsOut: 'Shoulder to end of the axle',
      under: 'Pieces and frame under the nut',
      nut: 'Nut',
      capDepth: 'Room in a cap nut',
    },
    figures: { showing: 'shows', room: 'left in the cap', turns: 'that is' },
  },
  spacers: {
    tells: 'Clearance on both sides, and the width over all.',
    fields: {
      have: 'To hand, mm',
      gapLeft: 'Gap left now',
      wantLeft: 'Wanted left',
      gapRight: 'Gap right now',
      wantRight: 'Wanted right',
      room: 'Room in the frame',
      within: 'Within',
    },
    figures: { both: 'both together', ways: 'ways' },
  },
  'rim-shift': {
    tells: 'How far it stands to one side.',
    fields: {
      left: 'Rim’s middle to left shoulder',
      leftPieces: 'Pieces left',
      right: 'Rim’s middle to right shoulder',
      rightPieces: 'Pieces right',
      most: 'It may be off by',
    },
    figures: { toLeft: 'to the left', toRight: 'to the right' },
  },
  reaction: {
    tells: 'Do nuts and flats hold it, or is an arm wanted?',
    fields: {
      kv: 'Kv of the rotor',
      amps: 'Phase current, driving',
      regenAmps: 'Phase current, slowing',
      ratio: 'Gear ratio',
      thread: 'Axle thread',
      flats: 'Across the flats',
      thickness: 'Dropout, thickness',
      material: 'Dropout of',
      nutTorque: 'Nut torque',
      face: 'Washer face, across',
      ends: 'Flats held at',
      play: 'Slot less flats',
      asDelivered: 'Motor and frame as delivered',
      slotWorn: 'Slot worn',
      tabWasher: 'Tab washers in place',
      arm: 'Torque arm',
      armLength: 'Arm, axle to its end',
    },
    figures: {
      torque: 'torque to hold',
      friction: 'nuts carry',
      tight: 'on the flats, nuts tight',
      loose: 'nuts loose',
      stands: 'it stands',
      armForce: 'at the end of the arm',
    },
  },
  'bearing-size': {
    tells: 'Sizes by what stands on it.',
    fields: { bearing: 'It says' },
    figures: { bore: 'bore', outside: 'outside', width: 'width' },
  },
  'bearing-by-size': {
    tells: 'Numbers that have these sizes.',
    fields: { bore: 'Bore, or its shaft', outside: 'Outside, or its seat', width: 'Width' },
    figures: { found: 'in the lists' },
  },
  'bearing-fit': {
    tells: 'A ring on its seat, and how warm makes it slip.',
    fields: {
      ring: 'Ring',
      size: 'Its diameter',
      shaft: 'Shaft made to',
      housing: 'Housing made to',
      warmed: 'Housing of',
      isWarmed: 'What is warmed',
      room: 'On the bench',
    },
    figures: {
      least: 'tightest (minus is press)',
      most: 'loosest',
      seatLow: 'seat from',
      seatHigh: 'seat to',
      warmTo: 'warm the outer piece to',
    },
  },
  shim: {
    tells: 'Is it seated, and which shim makes it right?',
    fields: {
      depth: 'Face to floor of the seat',
      bearing: 'Bearing, width',
      collar: 'Collar stands out',
      low: 'Play at least',
      high: 'Play at most',
      have: 'Shims to hand, mm',
      byHand: 'Play, as somebody worked it out',
    },
    figures: { play: 'play', shim: 'shim', stillOut: 'chance that it still is not right' },
  },
  'which-bearing': {
    tells: 'A rod at the ear, the shaft turned by hand; each shaken. Once more when a new one is in.',
    fields: {
      a: 'Bearing 1: heard',
      aPlay: 'Bearing 1: it gives',
      b: 'Bearing 2: heard',
      bPlay: 'Bearing 2: it gives',
      c: 'Bearing 3: heard',
      cPlay: 'Bearing 3: it gives',
      after: 'At the new one, heard',
    },
    figures: { bearing: 'bearing' },
  },
  play: {
    tells: 'Turned by hand first; then how much it gives.',
    fields: {
      turns: 'It turns',
      play: 'Play along the shaft',
      most: 'At most',
      pitch: 'Pitch of what sets it',
      before: 'Play before the lock nut',
    },
    figures: { play: 'play', turn: 'to take it out, turn by', change: 'the lock nut changed it by' },
  },
  'running-gap': {
    tells: 'Least and most against the window.',
    fields: { least: 'Least', most: 'Most', low: 'At least wanted', high: 'At most wanted' },
    figures: { runOut: 'most less least' },
  },
  sheets: {
    tells: 'Counted sheets as a feeler.',
    fields: { count: 'Sheets that just pass', pack: 'Pack, thickness', inPack: 'Sheets in it' },
    figures: { gap: 'gap' },
  },
  belt: {
    tells: 'How tight, by how far it gives or by its note.',
    fields: {
      by: 'By',
      span: 'Free span',
      force: 'Pull in its middle',
      gives: 'It gives',
      perMetre: 'Belt, kg/m',
      note: 'Note, Hz',
      low: 'At least wanted',
      high: 'At most wanted',
    },
    figures: { tension: 'tension' },
  },
  bleed: {
    tells: 'How long until it is down. A reading, not this, says dead.',
    fields: { ohms: 'Resistor', farads: 'Capacitor', from: 'From', to: 'Down to' },
    figures: { seconds: 'after', energy: 'holds at first' },
  },
  units: {
    tells: 'A figure, in every unit of its kind.',
    fields: { value: 'Figure', unit: 'Unit' },
    figures: {},
  },
}

export const GROUP_WORDS: Readonly<Record<Group, string>> = {
  screws: 'Screws and holes',
  tightness: 'Tightness',
  axle: 'Axle and frame',
  bearings: 'Bearings',
  clearance: 'Clearance',
  electric: 'Electric',
  units: 'Units',
}

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  clear: 'Clear: it does not reach.',
  stop: 'Stop: too long here.',
  'nothing behind': 'Nothing behind it: no limit.',
  'depth not known': 'Measure the depth first.',
  fits: 'It fits.',
  'spreads the frame': 'Too wide: it spreads the frame.',
  'loose in the frame': 'Narrow: nuts would draw the frame in.',
  'cannot tell': 'Too close to tell: measure better.',
  'full nut': 'A full nut.',
  'not a full nut': 'Not a full nut.',
  'more than usual': 'More thread than usual: look what is missing.',
  'cap bottoms': 'The cap nut bottoms before it clamps.',
  holds: 'Nuts and flats hold it.',
  'arm wanted': 'A torque arm is wanted.',
  'held by its arm': 'Its arm holds it.',
  'cannot say': 'Cannot say: figures are missing.',
  sits: 'It sits right.',
  rubs: 'It rubs.',
  'too loose': 'Too much play.',
  'runs clear': 'It runs clear.',
  'too far': 'Too far.',
  'slips on': 'Slips on.',
  press: 'A press fit.',
  either: 'Either: slips or presses, by how the two came out.',
  'in range': 'In range.',
  'out of range': 'Out of range.',
  'screw breaks': 'Thread enough: the screw would break first.',
  'hole strips': 'The thread in the hole gives first.',
  'screw strips': 'The thread of the screw gives first.',
  'good again': 'Good to go back.',
  'not again': 'Not again: take a new one.',
  'this one': 'It is this one.',
  'none of them': 'None of them: all sound right.',
  'it was this one': 'It was this one: the new one runs better.',
  'another one': 'It was another one: the new one sounds no better.',
  'there is a way': 'There is a way.',
  'no way': 'No way with what is to hand.',
  'they agree': 'They go together: take the most trusted.',
  'they disagree': 'They disagree: take the most trusted, and write down why.',
  'too tight': 'Too tight: it runs hot. Back it off.',
}

/** Options and reasons, by id; those that are names themselves stand for themselves. */
const ID_WORDS: Readonly<Record<string, string>> = {
  ...BEHIND_WORDS,
  cap: 'cap head',
  button: 'button head',
  'in the frame': 'in the frame',
  'left end': 'at the left end',
  'right end': 'at the right end',
  both: 'both ends',
  one: 'one end',
  sum: 'the sum does not hold',
  torque: 'so much torque on this material',
  'worn slot': 'a worn slot',
  'foreign motor': 'a motor that is not the maker’s',
  'no tab washer': 'no tab washer',
  regeneration: 'slowing pulls more than half as hard as driving',
}
export const idWords = (id: string): string => ID_WORDS[id] ?? id

export const NOTE_WORDS: Readonly<Record<Note, string>> = {
  'too short': 'Too little thread is held.',
  'lower bound': 'Pressure is at least this: there is play in the slot, or nobody measured it.',
  'one reading': 'One reading only: nobody knows how they spread. Take three.',
  'odd reading': 'One reading stands apart: read it again.',
  'not that difference': 'The play that was worked out by hand is not that of these figures.',
  'wider when sealed': 'Small sealed ones are often wider: measure the width.',
  'not trusted below a fifth': 'Below a fifth of its scale no wrench is trusted.',
  cold: 'Below 10 °C it may not bond at all.',
  'never for critical': 'Estimated. Never for axle nuts, steering, brakes or pack terminals.',
  'outer ring only': 'The shim bears on the outer ring only.',
  'patch used up': 'A patch that was in once holds less each time: clean it and use threadlocker, or a new screw.',
  'hole gives first': 'The hole gives before the screw: the torque goes by the hole.',
  'bevel to the seal': 'A bevel points at a bearing or seal: it presses on the seal. Turn it round.',
  'one at a time': 'Sound travels along a shaft. Take chain or belt off, and turn one shaft at a time.',
  'push the inner ring': 'Push on the inner ring only: pushed on the outer one, the balls mark their tracks.',
  'push the outer ring': 'Push on the outer ring only: pushed on the inner one, the balls mark their tracks.',
  'above what it may be warmed to': 'Warmth alone does not do it: press, on the ring that takes the fit.',
}

/** Ways of laying spacers, in one line each. */
export const wayWords = (left: readonly number[], right: readonly number[]): string => {
  const side = (xs: readonly number[]): string => (xs.length === 0 ? 'none' : xs.join(' + '))
  return `left ${side(left)}, right ${side(right)}`
}

const TEXT_FAULT: Readonly<Record<TextFault['why'], string>> = {
  'not a thread': 'is no thread. Like M5, M12×1.25 or 1/4-20.',
  'no such size': 'is no size that is made.',
  'no such pitch': 'has no such pitch.',
  'no such bearing': 'is in none of our lists.',
  'not widths': 'are no widths. Like 0.5 1 2, each above 0 and at most 100 mm.',
  'not this unit': 'is another unit.',
  'no such piece': 'is no piece of a stack.',
  'no width': 'has no width yet.',
  'not a width': 'has no width that can be: above 0, at most 200 mm.',
  'not a word of it': 'has a word that says nothing of it.',
  'two frames': 'is a second frame at one end.',
  'too many': 'is more than 24 pieces.',
}

/** What is wrong with a field. */
export function fieldFaultWords(fault: FieldFault, typed: string, unit: string): string {
  if ('is' in fault) return fault.is === 'wanted' ? 'Key this in.' : `“${typed.trim()}” is no count: a whole number is wanted.`
  if ('read' in fault) {
    const { read } = fault
    if (read.kind !== 'out of range') return readFaultWords(typed, unit, read)
    return `“${typed.trim()}” is outside ${read.from} to ${read.to}${unit === '' ? '' : ` ${unitLabel(unit)}`}. Another unit? Write it behind the figure.`
  }
  const { why, nearest } = fault.text
  const what = fault.text.at === undefined ? `“${typed}”` : fault.text.at === 0 ? 'That' : `Piece ${fault.text.at}`
  return `${what} ${TEXT_FAULT[why]}${nearest.length > 0 ? ` Nearest: ${nearest.join(', ')}.` : ''}`
}

export const SENSELESS_WORDS: Readonly<Record<Senseless['senseless'], string>> = {
  'flats not below diameter': 'The flats are narrower than the axle. Across the flats, not across the thread?',
  'most below least': 'The most is less than the least.',
  'gives too much': 'That is more than a tenth of the span: pull less hard.',
  'not below what it was': 'It is shorter than it was new. Another screw, or another unit?',
  'no head for it': 'No head is known for that thread: M4 to M16.',
  'lever too short': 'An adapter that points back so far leaves no lever.',
  'must fall': 'It has to fall: “down to” is not below “from”.',
  'only to 50 mm': 'The tables go to 50 mm.',
}

/** What stands in the drawings. */
export const drawn = {
  end: (side: 'left' | 'right'): string => `its ${side} end`,
  asItStands: 'as it stands now, from behind',
  screw: (length: string, held: string): string => `${length} long, ${held} held`,
  open: (mm: string): string => `${mm} open`,
  overAll: (mm: string): string => `${mm} over it all`,
  play: (mm: string): string => `play ${mm} mm`,
  lever: (torque: string, set: string): string => `${torque} N·m at the fixing, ${set} on the scale`,
  toHold: (torque: string): string => `${torque} N·m to hold`,
  loose: (pressure: number): string => `${pressure} MPa, nuts loose`,
  tight: (pressure: number): string => `${pressure} MPa, nuts tight`,
  free: (mm: string): string => `${mm} mm free`,
}
