import { asItsTwin, type Drag, type Trial, type TrialChange, type TrialPiece, type Tried } from '../../core/diagnosis'
import { inside } from './inside'

interface PieceWords {
  readonly name: string
  /** How it is taken out of what turns. */
  readonly out: string
  /** The same of two hands when it goes back. */
  readonly back: string
}

export const PIECE_WORDS: Readonly<Record<TrialPiece, PieceWords>> = {
  'near it': { name: 'what is near it', out: 'Stand, fender, bag and cables held clear of it', back: 'Let them lie as they lay' },
  brake: { name: 'the brake', out: 'Its brake off: caliper unbolted and hung up, or the cable slack', back: 'The brake on again' },
  chain: { name: 'the chain', out: 'Chain off the ring, laid beside it', back: 'Chain on again' },
  belt: { name: 'the belt', out: 'Belt off its pulley', back: 'Belt on again' },
  'park brake': { name: 'the park brake', out: 'Park brake released by its lever', back: 'Park brake lever back' },
  phases: {
    name: 'the phase plug',
    out: 'Power off and dead; phase plug parted, the ends kept apart',
    back: 'Phase plug joined again, power still off',
  },
  'axle nuts': {
    name: 'the axle nuts',
    out: 'Axle nuts loosened half a turn, the wheel held in its slots',
    back: 'Axle nuts tight again, to their number',
  },
  wheel: { name: 'the frame around it', out: 'Wheel out of the frame, turned on its own axle', back: 'Wheel in again' },
  coupling: { name: 'what it drives', out: 'Motor parted from what it drives, turned alone', back: 'Motor joined to it again' },
  other: { name: 'something else', out: 'Something else taken out', back: 'It is back' },
}

/** A piece by its name, or as it was written. */
export const pieceName = ({ piece, text }: Pick<Trial, 'piece' | 'text'>): string =>
  piece === 'other' && text ? text : PIECE_WORDS[piece].name

export const DRAG_NAMES = {
  newtons: 'Spring scale at the tyre',
  seconds: 'Seconds, from one turn a second',
  turns: 'Turns, from one turn a second',
  felt: 'By hand',
} as const
export const FELT_NAMES = { free: 'free', light: 'drags lightly', heavy: 'drags hard', stuck: 'stuck' } as const
const UNIT = { newtons: 'N', seconds: 's', turns: 'turns' } as const

const dragWords = (d: Drag): string => (d.by === 'felt' ? `${FELT_NAMES[d.felt]} (felt)` : `${d.value} ${UNIT[d.by]}`)

const DID = { 'took out': 'out', 'put back': 'back' } as const

/** `the brake out: 9 N, then 3 N`. */
export const trialWords = (t: Trial): string =>
  `${pieceName(t)} ${DID[t.did]}: ${dragWords(t.was)}, then ${dragWords(t.now)}${t.twin ? `; its twin ${dragWords(t.twin)}` : ''}`

const SAYS: Readonly<Record<Tried['verdict'], (name: string, proved: boolean) => string>> = {
  culprit: (name, proved) => `it drags by ${name}${proved ? '' : ', not proved yet'}`,
  part: (name) => `some of it is ${name}`,
  cleared: (name) => `not ${name}`,
  odd: () => 'it drags more now: measure it again',
  'cannot say': () => 'told in two different ways: nothing follows',
}

/** What a trial says: `it drags by the brake, and no more than its twin is left`. */
export function triedWords({ trial, verdict, proved }: Tried): string {
  const says = SAYS[verdict](pieceName(trial), proved)
  const twin = asItsTwin(trial)
  const rest = twin === null ? '' : twin ? '; what is left is as on its twin' : '; more is left than on its twin'
  return `${says.charAt(0).toUpperCase()}${says.slice(1)}${rest}`
}

/** What became of the drag, while it is keyed in. */
export const CHANGE_WORDS: Readonly<Record<TrialChange, (name: string) => string>> = {
  gone: (name) => `Most of it went with ${name}: that is it, once it is proved.`,
  less: (name) => `Some of it went with ${name}.`,
  same: (name) => `Nothing changed: not ${name}.`,
  more: () => 'It drags more than before: measure it again.',
  'not comparable': () => 'The two are told in different ways: nothing follows from them.',
}

/** What comes next, as a sentence. */
export const nextTrial = (next: { readonly do: 'put back' | 'take out'; readonly piece: TrialPiece; readonly text?: string }): string =>
  next.do === 'put back'
    ? `To prove it: ${inside(PIECE_WORDS[next.piece].back)}. The drag has to come back with it.`
    : `Next: ${inside(PIECE_WORDS[next.piece].out)}.`
