/** A word of a closed list: how it is written, and what is typed for it (parts of regular expressions, small letters). */
interface Word {
  readonly many?: string
  readonly typed: readonly string[]
}
const words = <const K extends string>(list: Readonly<Record<K, Word>>): Readonly<Record<K, Word>> => list

/** What a thing is. `screw` is what a thread alone means. */
export const SORTS = words({
  'lock nut': {
    many: 'lock nuts',
    typed: ['lock ?nuts?', 'locking nuts?', 'nylon(?: insert)? nuts?', 'self[- ]?locking nuts?', 'stop nuts?'],
  },
  'castle nut': { many: 'castle nuts', typed: ['castle nuts?', 'castellated nuts?', 'slotted nuts?'] },
  'cap nut': { many: 'cap nuts', typed: ['cap nuts?', 'acorn nuts?', 'dome nuts?'] },
  'flange nut': { many: 'flange nuts', typed: ['flanged? nuts?', 'collar nuts?'] },
  'wing nut': { many: 'wing nuts', typed: ['wing ?nuts?'] },
  'thin nut': { many: 'thin nuts', typed: ['thin nuts?', 'jam nuts?', 'half nuts?', 'counter ?nuts?'] },
  nut: { many: 'nuts', typed: ['(?:hex(?:agon)? )?nuts?'] },
  'spring washer': { many: 'spring washers', typed: ['spring washers?', 'split washers?', 'lock ?washers?'] },
  'star washer': { many: 'star washers', typed: ['star washers?', 'toothed washers?', 'serrated washers?', 'shake ?proof washers?'] },
  'tab washer': { many: 'tab washers', typed: ['tab(?:bed)? washers?', 'tongued washers?', 'torque washers?', 'anti[- ]?turn washers?'] },
  'wide washer': {
    many: 'wide washers',
    typed: ['wide washers?', 'large washers?', 'penny washers?', 'fender washers?', 'mudguard washers?'],
  },
  washer: { many: 'washers', typed: ['(?:flat |plain )?washers?'] },
  'snap ring': { many: 'snap rings', typed: ['snap[- ]?rings?', 'circ[- ]?lips?', 'retaining rings?'] },
  'O-ring': { many: 'O-rings', typed: ['o[- ]?rings?'] },
  seal: { many: 'seals', typed: ['(?:shaft |lip |oil )?seals?', 'gaskets?'] },
  'lock ring': { many: 'lock rings', typed: ['lock ?rings?'] },
  ring: { many: 'rings', typed: ['rings?'] },
  'half-round key': { many: 'half-round keys', typed: ['half[- ]?round keys?', 'half[- ]?moon keys?', 'disc keys?'] },
  key: { many: 'keys', typed: ['(?:shaft |feather |parallel )?keys?'] },
  'split pin': { many: 'split pins', typed: ['split[- ]?pins?', 'cotter pins?'] },
  'roll pin': { many: 'roll pins', typed: ['roll[- ]?pins?', 'spring pins?', 'tension pins?'] },
  dowel: { many: 'dowels', typed: ['dowels?(?: pins?)?', 'locating pins?'] },
  pin: { many: 'pins', typed: ['(?:clevis )?pins?'] },
  'E-clip': { many: 'E-clips', typed: ['e[- ]?clips?', 'e[- ]?rings?'] },
  'push rivet': { many: 'push rivets', typed: ['push rivets?', 'plastic rivets?', 'trim (?:clips?|rivets?)'] },
  rivet: { many: 'rivets', typed: ['(?:pop |blind )?rivets?'] },
  clip: { many: 'clips', typed: ['(?:hose |spring |wire )?clips?', 'hose clamps?'] },
  tie: { many: 'ties', typed: ['(?:cable |zip |wire )?ties?', 'zips?'] },
  tape: { typed: ['tapes?'] },
  spacer: { many: 'spacers', typed: ['spacers?', 'sleeves?'] },
  bush: { many: 'bushes', typed: ['bush(?:es|ings?)?'] },
  shim: { many: 'shims', typed: ['shims?'] },
  spring: { many: 'springs', typed: ['springs?'] },
  bearing: { many: 'bearings', typed: ['bearings?'] },
  plug: { many: 'plugs', typed: ['plugs?', 'connectors?'] },
  bullet: { many: 'bullets', typed: ['bullets?', 'bullet (?:plugs?|connectors?)'] },
  lug: { many: 'lugs', typed: ['(?:cable |ring )?lugs?', 'ring terminals?'] },
  screw: { many: 'screws', typed: ['screws?', 'bolts?'] },
})
export type Sort = keyof typeof SORTS

/** Sorts that stand without any size: each is one thing, and no fixing that is counted. */
export const NOT_COUNTED: ReadonlySet<Sort> = new Set(['plug', 'bullet', 'lug', 'tape', 'bearing'])

/** What a head looks like from the side. */
export const HEADS = words({
  'socket cap': { typed: ['(?:socket )?cap[- ]?head(?:ed)?', 'socket (?:cap|head)', 'cap screws?', 'cylinder(?:[- ]?head)?'] },
  button: { typed: ['button(?:[- ]?head(?:ed)?)?', 'dome[- ]?head', 'round[- ]?head'] },
  'raised countersunk': { typed: ['raised (?:countersunk|csk)(?:[- ]?head)?', 'oval[- ]?head'] },
  countersunk: { typed: ['counter[- ]?sunk(?:[- ]?head)?', 'csk', 'c/?sunk', 'flat[- ]?head(?:ed)?'] },
  pan: { typed: ['pan(?:[- ]?head(?:ed)?)'] },
  cheese: { typed: ['cheese[- ]?head(?:ed)?'] },
  flange: { typed: ['flanged?(?:[- ]?head(?:ed)?)', 'collar[- ]?head'] },
  mushroom: { typed: ['mushroom(?:[- ]?head)?', 'truss(?:[- ]?head)?'] },
  low: { typed: ['low(?:[- ]?(?:head|profile))'] },
  carriage: { typed: ['carriage(?: bolts?)?', 'coach bolts?'] },
  shoulder: { typed: ['shoulder(?: (?:bolts?|screws?))?'] },
  headless: { typed: ['grub(?: screws?)?', 'set[- ]?screws?', 'headless'] },
  wing: { typed: ['wing (?:screws?|bolts?)', 'thumb ?screws?', 'knurled(?:[- ]?head)?'] },
})
export type HeadForm = keyof typeof HEADS

/** What state a thing came off in, or how it goes on. */
export const STATES = words({
  worn: { typed: ['worn(?: out)?'] },
  bent: { typed: ['bent', 'crooked'] },
  'head rounded': { typed: ['heads? rounded', 'rounded(?: heads?)?', 'stripped heads?', 'heads? stripped', 'chewed(?: up)?(?: heads?)?'] },
  'thread damaged': {
    typed: ['threads? (?:damaged|stripped|torn|gone)', 'stripped threads?', 'torn threads?', 'cross[- ]?threaded', 'stripped'],
  },
  'thread repaired': { typed: ['threads? repaired', 'thread insert', 'helical insert'] },
  rusty: { typed: ['rust(?:y|ed)', 'corroded'] },
  broken: { typed: ['broken(?: off)?', 'snapped(?: off)?', 'sheared(?: off)?'] },
  cracked: { typed: ['cracked', 'split open'] },
  seized: { typed: ['seized', 'stuck', 'frozen'] },
  'was loose': { typed: ['was loose', 'were loose', 'found loose'] },
  dry: { typed: ['dry'] },
  greased: { typed: ['greas(?:ed|y)'] },
  wet: { typed: ['wet'] },
  new: { typed: ['new(?: ones?)?'] },
  missing: { typed: ['missing'] },
  captive: { typed: ['captive'] },
  'left in place': { typed: ['left in place', 'stays? in(?: place)?'] },
  'left-hand': { typed: ['left[- ]?hand(?:ed)?(?: threads?)?', 'lh(?: threads?)?', 'reverse threads?'] },
})
export type LineState = keyof typeof STATES

/** What keeps it from coming loose. */
export const LOCKS = words({
  'low threadlocker': { typed: ['(?:low|weak|purple)(?:[- ]strength)? (?:thread ?)?lock(?:er|ing)?'] },
  'medium threadlocker': { typed: ['(?:medium|blue)(?:[- ]strength)? (?:thread ?)?lock(?:er|ing)?'] },
  'high threadlocker': { typed: ['(?:high|strong|red|green)(?:[- ]strength)? (?:thread ?)?lock(?:er|ing)?'] },
  threadlocker: { typed: ['thread[- ]?lock(?:er|ing|ed)?', 'locking fluid', 'lock(?:er|ed)'] },
  'locking patch': { typed: ['(?:locking|nylon|dry|blue) patch', 'patch(?:ed)?'] },
  'safety wire': { typed: ['safety[- ]?wired?', 'lock[- ]?wired?'] },
})
export type LineLock = keyof typeof LOCKS

/** What turns it, by the recess or flats of its head; told apart from what nearly fits. */
export const RECESSES = ['hex', 'hexagon', 'six-lobe', 'six-lobe with pin', 'PH', 'PZ', 'slot', 'square', 'two-hole', 'spline'] as const
export type Recess = (typeof RECESSES)[number]
/** Sizes of keys for a hexagon socket, mm (ISO 2936); a hexagon of any other size is outside. */
export const SOCKET_SIZES: readonly number[] = [0.7, 0.9, 1.3, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 10, 12, 14, 17]
/** Sizes across the flats, mm (ISO 272 and what hubs, bells and lock rings have). */
export const isAcrossFlats = (mm: number): boolean => mm >= 3.2 && mm <= 60 && Number.isInteger(mm * 10)
