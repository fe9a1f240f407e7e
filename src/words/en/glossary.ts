import type { JointKind } from '../../core/machine'

/** Shapes of heads. */
export type DriveShape = 'hexagon socket' | 'six-lobe' | 'cross PH' | 'cross PZ' | 'slot' | 'outer hexagon'

export interface Word {
  readonly word: string
  readonly means: string
}

/** What fits a screw, how to tell it, and what goes wrong with the wrong one. */
export const DRIVES: readonly { readonly shape: DriveShape; readonly tell: string; readonly wrong: string }[] = [
  {
    shape: 'hexagon socket',
    tell: 'Six straight sides. Sized across the flats: 2.5, 3, 4, 5, 6 mm.',
    wrong: 'Inch keys nearly fit and round it. A ball end is for running in, not for the last turn.',
  },
  {
    shape: 'six-lobe',
    tell: 'Six round lobes, no straight side. Sized by number: 20, 25, 30.',
    wrong: 'A hexagon key seems to fit and takes the lobes off. Brake discs are nearly always six-lobe.',
  },
  {
    shape: 'cross PH',
    tell: 'A plain cross that narrows downward. Sizes 0 to 3.',
    wrong: 'It pushes the driver out under load: lean on it. Size 2 in a size 1 head turns on its edges.',
  },
  { shape: 'cross PZ', tell: 'A cross with four fine lines between its arms.', wrong: 'A PH driver sits loose in it and rounds it.' },
  { shape: 'slot', tell: 'One straight slot.', wrong: 'A blade narrower than the slot slips onto whatever is beside it.' },
  {
    shape: 'outer hexagon',
    tell: 'Six flats outside. Sized across them: 10, 15, 18 mm.',
    wrong: 'A twelve-point ring rounds a thin nut; on axle nuts use a six-point one, full depth.',
  },
]

/** What holds parts, by what the mechanic calls it. */
export const FIXINGS: Readonly<Record<JointKind, Word>> = {
  screws: { word: 'screw', means: 'Turned by its head into a thread in the part. A bolt is the same with a nut at its end.' },
  nut: { word: 'nut', means: 'Turned onto a thread. The axle’s are never estimated: the machine file’s number or none.' },
  washers: {
    word: 'washer',
    means: 'Flat spreads the load; a tab or torque washer holds the axle against turning; the order and the way they face are kept.',
  },
  clip: { word: 'clip, rivet, pin', means: 'Sprung or pushed in. Counted like screws: a small one lost is found by the count.' },
  ring: { word: 'snap ring', means: 'Sits in a groove under tension. Pliers that fit its eyes or ends, a hand over it.' },
  tie: { word: 'tie', means: 'Cut to come off; a new one goes on. Note which leads share it.' },
  tape: { word: 'tape', means: 'Peeled. Something may sit under it.' },
  adhesive: { word: 'bead, mat, glue', means: 'Parted with a blade or warmth; the old bead comes off whole before the new one.' },
  press: { word: 'press fit', means: 'Held by its size alone. Pulled and pressed square, never struck on a bearing’s inner ring.' },
  hose: { word: 'hose', means: 'Drained or clamped first. Refilled and bled after.' },
  key: { word: 'key', means: 'Sits in a slot of shaft and wheel and drives. Out with the part it is lost first: it gets its own cell.' },
  pin: { word: 'split pin, roll pin', means: 'Keeps a nut or a shaft from coming off. A split pin is bent once: a new one goes in.' },
  seal: { word: 'seal, O-ring', means: 'Looked at in the light, both lips. Nicked or flat, a new one goes in.' },
  spacer: { word: 'spacer, bush', means: 'Keeps a distance. Its width and the way it faces are kept; left and right can differ.' },
  lever: { word: 'lever, strap', means: 'Opened by hand, without a tool.' },
  valve: { word: 'valve core', means: 'Out lets all the air go: face away.' },
}

export const VERBS: readonly Word[] = [
  { word: 'undo', means: 'All the way out.' },
  { word: 'loosen', means: 'It stays where it is, a few turns back.' },
  { word: 'cut', means: 'It does not go back; a new one does.' },
  { word: 'pry', means: 'Levered out of its seat, a little all round.' },
  { word: 'de-pin', means: 'The pins come out of the housing, so that the lead passes a hole.' },
  { word: 'push aside', means: 'Out of the way but still on. Quicker than off, less room.' },
  {
    word: 'started, seated, final',
    means: 'By hand with the first threads; down on its face; at its number. All are started before any is final.',
  },
]

export const RUN: readonly Word[] = [
  { word: 'tray, A1', means: 'Where loose parts lie. One kind to a cell; like-looking sets keep apart.' },
  { word: 'stays on its part, in order', means: 'Kept in order on the part or the lead it came off with, not in the tray.' },
  { word: 'back in its own hole', means: 'Turned in again a thread or two where it came from.' },
  { word: 'how it stands', means: 'Upright, on its side, upside down: every turn costs time, so work is gathered by it.' },
  { word: 'stack', means: 'What sits on an axle, in order, with widths and which way it faces.' },
  { word: 'check', means: 'Has to pass before going on. Some a lead may go on without, with a reason; some nobody may.' },
  { word: 'crossed out', means: 'Taken back, still to be read.' },
  { word: 'not going back', means: 'Taken out of use, so that the count still adds up.' },
  { word: 'proved dead', means: 'Measured with a checked meter, not just switched off.' },
]
