/** What owners tell of a machine, whatever its drive: its name on a tile, and what they say, from the beginning of a word on. */
export interface Said {
  readonly name: string
  readonly says: readonly string[]
}

/** Every symptom, one line each. The door needs these, and nothing else of a catalogue. */
export const SAID = {
  jerks: { name: 'jerks, won’t start off', says: ['jerk', 'stutter', 'judder', 'won’t start off', 'will not start off'] },
  dead: { name: 'does nothing at all', says: ['nothing at all', 'dead', 'no life', 'does nothing', 'won’t switch on'] },
  hums: { name: 'hums, does not turn', says: ['hum', 'buzz', 'does not turn', 'not pull', 'won’t pull'] },
  bumps: { name: 'cuts out over bumps', says: ['bump', 'cobble', 'cuts out', 'cut out', 'comes back'] },
  grinds: {
    name: 'grinds or rumbles',
    says: ['grind', 'rumbl', 'scrapes inside', 'scrapes noise', 'scraping inside', 'scraping noise', 'rough'],
  },
  drags: { name: 'hard to push', says: ['drag', 'hard to push', 'brakes by itself', 'brake by itself', 'heavy to'] },
  weak: { name: 'weak or slow', says: ['weak', 'slow', 'no power', 'loses power'] },
  hot: { name: 'motor gets hot', says: ['hot', 'smells burnt', 'smell burnt', 'overheat'] },
  push: { name: 'runs once it is pushed', says: ['once it is pushed', 'once pushed', 'needs a push', 'need a push', 'kick it'] },
  surges: { name: 'surges by itself', says: ['surge', 'runs away', 'by itself'] },
  'no-charge': { name: 'won’t charge', says: ['not charge', 'n’t charge', 'no charge', 'charger', 'charging'] },
  'short-range': { name: 'range gone short', says: ['range', 'battery empty', 'lasts', 'not far'] },
  knocks: { name: 'knocks, wobbles or clicks', says: ['knock', 'click', 'wobbl', 'loose'] },
  'brake-loose': { name: 'brake clicks or feels loose', says: ['brake loose', 'disc loose', 'disc clicks', 'brake clicks'] },
  'after-work': {
    name: 'since it was worked on',
    says: ['since the repair', 'since you', 'after the repair', 'since it was', 'new motor', 'new controller'],
  },
  spins: { name: 'motor runs, no force', says: ['no force', 'spins but', 'runs but', 'motor runs', 'freewheels', 'slips'] },
  'no-speed': { name: 'no speed shown, then cuts out', says: ['no speed', 'speed shown', 'speedometer'] },
  'wrong-speed': { name: 'shows a wrong speed', says: ['wrong speed', 'too fast on', 'too slow on'] },
  'dark-display': { name: 'display stays dark', says: ['display dark', 'display dead', 'screen', 'blank'] },
  'no-help': { name: 'no help when pedalling', says: ['no help', 'no assist', 'doesn’t help', 'does not help'] },
  'stops-after-metres': { name: 'helps for some metres, then stops', says: ['few metres', 'some metres', 'helps then', 'stops helping'] },
  'cranks-turn': { name: 'cranks turn along', says: ['cranks turn', 'pedals turn', 'pedals go round'] },
  creaks: { name: 'creaks when pedalling', says: ['creak', 'crack'] },
  sparks: { name: 'sparks or smells of ozone', says: ['spark', 'ozone'] },
  'wrong-way': { name: 'runs the wrong way', says: ['wrong way', 'backward', 'reversed'] },
  'not-hold': { name: 'does not hold on a slope', says: ['not hold', 'rolls away', 'rolls off'] },
  leaks: { name: 'leaks oil', says: ['leak', 'oil under', 'oil on'] },
  'one-way': { name: 'moves one way only', says: ['one way', 'only up', 'only down', 'only in', 'only out'] },
  'stops-on-the-way': { name: 'stops on the way', says: ['stops half', 'stops on the way', 'gets stuck'] },
  'wrong-place': { name: 'stops in the wrong place', says: ['wrong place', 'too far', 'not far enough'] },
  'heavy-steering': { name: 'steers heavily', says: ['heavy steering', 'steers heav', 'hard to steer', 'no help in the steering'] },
  'pulls-to-a-side': { name: 'pulls to a side', says: ['pulls to', 'pulls left', 'pulls right'] },
  'turns-itself': { name: 'turns by itself', says: ['turns by itself', 'steers by itself'] },
  'steering-play': { name: 'play in the steering', says: ['play', 'sloppy', 'vague'] },
  'same-at-speed': { name: 'as light at speed as standing', says: ['too light', 'light at speed'] },
  'lamp-on': { name: 'lamp on', says: ['lamp', 'warning light'] },
  'not-ready': { name: 'not ready to drive', says: ['not ready', 'won’t go', 'will not go', 'no ready'] },
  wet: { name: 'since it was wet', says: ['rain', 'wet', 'washed', 'water'] },
} as const satisfies Readonly<Record<string, Said>>

export type SymptomId = keyof typeof SAID
