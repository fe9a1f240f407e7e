import { signNames } from './names'
import { agreedUpTo, armMissing, chargeOf, type CheckId, estimateOf, isCheck, type JobState, type Missing } from '../../core/job'
import { checkWords, itemWords } from './checks'
import { count } from './count'
import { STOP_WORDS } from './stop-signs'
import { titleOf } from './titles'
import { BEHIND_WORDS } from './worked'

const AFTER = { disputed: ' (disputed)', lost: ' (lost)', waiting: ' (not back yet)', 'not read': ' (how tight is not known)' } as const
const DISAGREE = 'two devices disagree'

const SETTINGS_WANTED = {
  paired: (name: string) => `${name}: is it paired or locked? Ask before one is ordered`,
  old: (name: string) => `${name}: settings of the old one, read before it is unplugged`,
  new: (name: string) => `${name}: settings made in the new one`,
  rolled: (name: string) => `${name}: its speed, proved by rolling one turn of the wheel`,
  right: (name: string) => `${name}: its wheel size is more than 3 % off what the wheel rolls`,
}
const SALT_WANTED = {
  rinsed: 'rinsed with clean water',
  dried: 'dried after the rinse',
  insulation: 'insulation of the windings, read after it was dried',
}

const LENGTH_WHY = {
  new: 'new, measure its length:',
  'other size': 'another size, measure its length:',
  foreign: 'into a foreign motor, measure length and depth:',
  'two lengths': 'another length of the set is too long here, measure the longest:',
  stop: 'too long here:',
} as const

const LOOK_WANTED = {
  first: 'looked over, each by itself',
  'second person': 'somebody else, under their own name',
  'after the ride': 'once more, after the ride',
} as const

/** A sealed unit, by its name where it is known. */
const sealedWords = (part: string, state: JobState): string => `opening the ${state.parts[part]?.name ?? part} ends it: it comes new`

type Says = { readonly [K in Missing['is']]: (m: Extract<Missing, { readonly is: K }>, state: JobState) => string }

const SAYS: Says = {
  'not done': () => 'not done yet',
  'not dead': () => 'dead has not been shown, or the proof has ended',
  disputed: () => DISAGREE,
  'no ride': () => 'nothing is logged that proves it',
  turned: () => 'it was moved since it was shown dead, and a wheel may have turned: one reading more',
  'no estimate': () => 'what it will cost: nobody said it yet',
  'opened not said': () => 'what was opened: nobody said it yet',
  'pack not looked over': () => 'the pack was not looked over',
  'no reason': () => 'a reason for going back',
  'unknown entry': () => 'an entry that this build does not know',
  'done already': () => 'something already done',
  arm: () => 'a torque arm, or figures that need none',
  reaction: ({ name }) => `the ${name} is of another make: does its axle hold it? Work it out`,
  length: ({ label, pieces, behind, why }) =>
    `${pieces > 1 ? `${pieces} × ` : ''}${label}: ${LENGTH_WHY[why]} ${BEHIND_WORDS[behind]} lies behind`,
  'clearance again': ({ step }, state) => `${titleOf(state, step)}: once more, it has turned under power`,
  fixing: ({ label, place, how, cell }) => `${label}, ${place}${how === 'loose' ? (cell !== undefined ? ` (${cell})` : '') : AFTER[how]}`,
  stray: ({ text, cell, like }) =>
    `${text}${cell === undefined ? '' : ` in ${cell}`} belongs to nothing that came off${like ? `: like ${like.label}${like.cells.length > 0 ? ` of ${like.cells.join(', ')}` : ''}` : ''}`,
  part: ({ name, disputed }) => `${name}${disputed ? ' (disputed)' : ''}`,
  curing: ({ product, subject }, state) => `${product}, ${titleOf(state, subject)}`,
  rung: ({ rung, disputed, short }) => (disputed ? `${rung}: ${DISAGREE}` : `${rung} ${short ? 'too short to show it' : 'not passed'}`),
  loose: ({ pieces }) => `${count(pieces, 'piece')} off or loose`,
  power: ({ power }) => (power === 'out' ? 'its pack is out' : 'its power is off'),
  stopped: ({ sign }) => `stopped for: ${STOP_WORDS[sign].toLowerCase()}`,
  price: ({ estimate, agreed, refused }) =>
    `it will cost ${estimate}, agreed were ${agreed}: ${refused ? 'the owner said no; put it back' : 'ask the owner'}`,
  settings: ({ name, wants }) => SETTINGS_WANTED[wants](name),
  salt: (m) =>
    m.wants === 'drier' ? `insulation ${Number(m.megohms.toPrecision(3))} MΩ: dry it longer, and read again` : SALT_WANTED[m.wants],
  'pack sign': ({ sign }) => sign,
  'new part': ({ name, disputed }) => (disputed ? `the new ${name}: ${DISAGREE}` : `the new ${name} was not compared`),
  row: ({ name, verdict }) => `${name} ${verdict === 'mismatch' ? 'differs' : 'not measured'}`,
  item: ({ of }) => itemWords(of),
  step: ({ step }, state) => titleOf(state, step),
  'not read': ({ step }, state) => `${titleOf(state, step)} (how tight is not known)`,
  waiting: ({ step }, state) => `the wait after “${titleOf(state, step)}”`,
  touched: ({ step }, state) => `${titleOf(state, step)}: touched since, look again`,
  sealed: ({ part }, state) => sealedWords(part, state),
  look: (m) => LOOK_WANTED[m.wants],
  fact: ({ fact }) => fact,
  check: ({ check }) => checkWords(check),
}

/** What stands in the way, in words. */
export function missingWords(missing: Missing, state: JobState): string {
  const say: (m: never, state: JobState) => string = SAYS[missing.is]
  return say(missing as never, state)
}

/** What a step waits for, where a check binds it: what has to be done for it. */
const WAITS: Partial<Record<CheckId, (state: JobState, when: (at: number) => string) => string>> = {
  'replacement matches': () => 'The new part compared with the old one',
  qualified: (state) =>
    `${chargeOf(state).from === 'nobody' ? 'Its voltage is not known, so it counts as above 60 V: say what its charger says, or somebody' : 'Above 60 V: somebody'} marked qualified for it, signed in here, makes it safe`,
  'pack triage': ({ packCheck }) =>
    packCheck ? `The pack: ${signNames(packCheck.signs)}. It belongs outdoors; only a lead passes it` : 'The pack looked over',
  'price agreed': (state) => {
    const [estimate, agreed] = [estimateOf(state), agreedUpTo(state)]
    return estimate
      ? `It will cost ${estimate.total}, agreed were ${agreed}: the owner to be asked`
      : 'What it will cost, since a sum was named at the door'
  },
  'settings read': () => 'Settings of the old electronics, and whether they are paired',
  'read again': () => 'It was moved since it was shown dead, and a wheel may have turned: one reading at this plug',
  'screw lengths': () => 'How long the screws are: something lies behind that a longer one would reach',
  'salt water': () => 'Rinsed, dried and its insulation read: it was in salt water',
  'reaction path': (state) =>
    armMissing(state).length > 0
      ? 'The axle held: its new motor worked out, a torque arm where that wants one'
      : state.up.some((s) => s.reaction)
        ? 'What holds the motor, looked at: bolts final, nothing gives'
        : 'The axle held: nuts final, both tabs looked at',
  'sealed unit': (state) => `Its owner’s yes: ${sealedWords(state.down.find((s) => s.ends !== undefined)?.ends ?? '', state)}`,
  'first power': () => 'How its first power comes: through what it is limited by',
  'handling strength': (state, when) => {
    const at = Math.max(...state.locks.filter((l) => l.disturbed === undefined).map((l) => l.handlingAt))
    return `Threadlocker at handling strength${Number.isFinite(at) ? when(at) : ''}`
  },
}

/**
 * What a step waits for, as the card says it.
 * @param when `, 14:05` for a moment, or nothing where the time is not known
 */
export function waitWords(missing: Missing, state: JobState, when: (at: number) => string): string {
  if (missing.is === 'not dead') return 'dead to be shown'
  const own = missing.is === 'check' && isCheck(missing.check) ? WAITS[missing.check] : undefined
  return own ? own(state, when) : missingWords(missing, state)
}
