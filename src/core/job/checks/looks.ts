/** What is looked at in a check that is made by looking. Its words are in `words/en/checks`. A closed list: a new one raises VOCABULARY. */
export const CHECK_ITEMS = [
  'turns-forward',
  'runs-smoothly',
  'no-grinding',
  'brake-stops-it',
  'cut-off-cuts',
  'lights-and-horn',
  'slows-by-regen',
  'lever-firm',
  'disc-free',
  'caliper-tight',
  'nothing-greasy',
  'left-tab-in',
  'right-tab-in',
  'washers-under',
  'nuts-final',
  'turns-free',
  'no-notches',
  'no-play',
  'bolt-in-groove',
  'steering-numbers',
  'steering-pulled',
  'lock-to-lock',
  'leads-clear',
  'hoses-clear',
  'straps-clear',
  'nothing-hidden',
  'mounts-seated',
  'mount-bolts-final',
  'nothing-gives',
] as const
export type CheckItem = (typeof CHECK_ITEMS)[number]

/** What has to stand before a check is begun at all. It is asked, and not stored. */
export type CheckStand = 'wheels-up' | 'as-it-rides' | 'hands-clear' | 'short-throttle'

export interface CheckLooks {
  readonly stand: readonly CheckStand[]
  readonly items: readonly CheckItem[]
  /** An item may be left untested, and is then named on the page that goes home. */
  readonly mayLeave: boolean
}

/** One thing looked at: ours by id, a machine file's own in its words; right, wrong, or not tested and said so. */
export type TestItem = ({ readonly item: CheckItem } | { readonly name: string }) & {
  readonly result: (typeof ITEM_RESULTS)[number]
}
export const ITEM_RESULTS = ['right', 'wrong', 'not tested'] as const

/**
 * Our items as builds before 14 wrote them, in words. They stay as they are whatever the screen says now (`words/en/checks`): stored
 * entries are read by them, and a shop that still goes by such a build gets them written.
 */
const AS_WORDS: Readonly<Record<CheckItem, string>> = {
  'turns-forward': 'Turns forward',
  'runs-smoothly': 'Starts off and runs smoothly',
  'no-grinding': 'No grinding, rubbing or smell',
  'brake-stops-it': 'Brake lever stops it',
  'cut-off-cuts': 'Brake cut-off cuts the drive',
  'lights-and-horn': 'Lights and horn',
  'slows-by-regen': 'Slows on closing the throttle (regen)',
  'lever-firm': 'Lever firm, well off the bar',
  'disc-free': 'Disc between the pads, runs free',
  'caliper-tight': 'Caliper bolts tight and marked',
  'nothing-greasy': 'Nothing greasy on disc or pads',
  'left-tab-in': 'Left tab in its slot',
  'right-tab-in': 'Right tab in its slot',
  'washers-under': 'A flat washer under both nuts',
  'nuts-final': 'Both nuts final, marks in line',
  'turns-free': 'Turns freely by hand',
  'no-notches': 'No notches, no grinding',
  'no-play': 'No play across the axle',
  'bolt-in-groove': 'Every bolt where it belongs, the clamp’s through its groove',
  'steering-numbers': 'Each to its number, read on the wrench, marked',
  'steering-pulled': 'Pulled at with both hands: nothing gives',
  'lock-to-lock': 'Lock to lock: free, no play, leads slack',
  'leads-clear': 'Leads off it and out of its way',
  'hoses-clear': 'Hoses off it and out of its way',
  'straps-clear': 'Straps, ties and brackets off it',
  'nothing-hidden': 'No hidden bolt: looked behind and below',
  'mounts-seated': 'Dowels, arms and rubbers in their seats',
  'mount-bolts-final': 'Every bolt of the mounting final and marked',
  'nothing-gives': 'Twisted by hand: nothing gives',
}

interface WordedItem {
  readonly name: string
  readonly result: TestItem['result']
}

export function itemsFromWords(items: readonly WordedItem[]): readonly TestItem[] {
  return items.map(({ name, result }) => {
    const item = CHECK_ITEMS.find((i) => AS_WORDS[i] === name)
    return item ? { item, result } : { name, result }
  })
}

export function itemsAsWords(items: readonly TestItem[]): readonly WordedItem[] {
  return items.map((i) => ({ name: 'item' in i ? AS_WORDS[i.item] : i.name, result: i.result }))
}
