/** A family of plugs: how its face looks, and how a probe gets at it. */
export interface Family {
  readonly name: string
  /** By what a file calls it. */
  readonly called: RegExp
  readonly shape: 'body' | 'round' | 'two-pole' | 'separate' | 'rings' | 'rail' | 'joint'
  /** Can its pins be reached from the wire side while it is joined? Sealed ones only beside the wire, with a thin probe made for it. */
  readonly behind: 'open' | 'past a seal' | 'no'
  /** Where its latch or lever sits, seen from the wire side. */
  readonly holds: 'latch' | 'lever' | 'handle' | 'ring' | 'friction' | 'screw' | 'solder'
}

/** The first whose name fits; what is called otherwise is a body that is held by friction. */
export const FAMILIES = {
  wall: { name: 'wall plug', called: /wall/, shape: 'joint', behind: 'no', holds: 'friction' },
  soldered: { name: 'soldered and sleeved', called: /solder/, shape: 'joint', behind: 'no', holds: 'solder' },
  bullets: { name: 'bullets', called: /bullet/, shape: 'separate', behind: 'open', holds: 'friction' },
  rings: { name: 'ring ends', called: /ring end|lug|post/, shape: 'rings', behind: 'open', holds: 'screw' },
  rail: { name: 'blade rail', called: /blade|rail/, shape: 'rail', behind: 'no', holds: 'latch' },
  lever: { name: 'two-pole with a lever', called: /two-pole.*lever/, shape: 'two-pole', behind: 'no', holds: 'lever' },
  handle: { name: 'two-pole with a handle', called: /two-pole.*handle/, shape: 'two-pole', behind: 'open', holds: 'handle' },
  'two-pole': { name: 'two-pole', called: /two-pole/, shape: 'two-pole', behind: 'open', holds: 'friction' },
  round: { name: 'round', called: /round/, shape: 'round', behind: 'no', holds: 'friction' },
  sealed: { name: 'sealed body', called: /seal|orange/, shape: 'body', behind: 'past a seal', holds: 'latch' },
  latched: { name: 'body with a latch', called: /latch/, shape: 'body', behind: 'open', holds: 'latch' },
  body: { name: 'body', called: /./, shape: 'body', behind: 'open', holds: 'friction' },
} as const satisfies Readonly<Record<string, Family>>
export type FamilyId = keyof typeof FAMILIES

/** The family of a plug by what its file calls it. */
export function familyOf(family: string): FamilyId {
  const said = family.toLowerCase()
  return (Object.keys(FAMILIES) as FamilyId[]).find((id) => FAMILIES[id].called.test(said)) ?? 'body'
}
