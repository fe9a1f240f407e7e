import type {
  CompareSpec,
  Guard,
  HoleFit,
  Joint,
  Lock,
  Looks,
  Minutes,
  Opened,
  ProvedAs,
  Pass,
  Relation,
  Tool,
  Tray,
  Use,
  Variants,
  WaitKind,
  Want,
} from '../machine'
import type { Result } from '../result'
import type { Quantity } from '../units'

export type Limb = 'down' | 'up'

export const ACTION_KINDS = ['release', 'take off', 'unplug', 'prepare', 'support', 'prove', 'gate', 'push aside'] as const
export type ActionKind = (typeof ACTION_KINDS)[number]

/** What each change costs beside the work itself, in minutes. */
export interface Prices {
  readonly swap: number
  /** Added per step done in an order that the file only prefers not. */
  readonly againstPreference: number
}

export const DEFAULT_PRICES: Prices = { swap: 0.25, againstPreference: 0.5 }

export interface PlanOptions {
  readonly variants: Variants
  readonly prices?: Prices
  /** Action ids not to be used, where another way is wanted. */
  readonly avoid?: readonly string[]
  /** The way up as it costs least, or as the exact reverse. Least when left out. */
  readonly upOrder?: 'planned' | 'reverse'
  /** The tray on the bench, in whose cells things are laid; a usual one when left out. */
  readonly tray?: Tray
  /** Tool ids the shop has; all of the file's when left out. */
  readonly toolsOwned?: readonly string[]
  /** What may go back by feel where its torque tool is not to hand: covers, or all but axle, steering, brake and pack terminals. */
  readonly byFeel?: 'covers' | 'whatever'
  /** Most states kept per layer before the rest are dropped and the answer is no longer proved. */
  readonly nodeLimit?: number
}

/** Where planning starts from: what is already done, and how the machine stands. */
export interface PlanStart {
  /** Action ids already done on the way down and not yet undone. */
  readonly done: readonly string[]
  readonly pose: string
  readonly tool: string | null
  /** Cells of the tray that are in use. */
  readonly cells?: readonly string[]
}

/** Why a step is in the plan: the step or the job to do that wants it. */
export interface Reason {
  readonly wantedBy: string
  readonly title: string
}

/** One fixing as the tray knows it. */
export interface FixingSpec {
  /** Its words are in the machine's file. */
  readonly bare?: true
  readonly id: string
  readonly joint: string
  readonly label: string
  readonly place: string
  readonly keep: 'cell' | 'own hole' | 'carrier' | 'bin'
  readonly cell?: string
  readonly captive?: true
  readonly stay?: true
  readonly consumable?: true
  /** Where the hole is, seen from above the cover, mm. */
  readonly at?: readonly [number, number]
}

export interface PartSpec {
  readonly bare?: true
  readonly id: string
  readonly name: string
}

export interface PoseTurn {
  readonly to: string
  /** The moves of the file that it is made of, each from a pose to a pose. Absent in plans of version 1. */
  readonly by?: readonly (readonly [from: string, to: string])[]
  readonly title: string
  readonly note?: string
  readonly people: 1 | 2
  readonly minutes: Minutes
}

/** A limb done by two mechanics: minutes from start to end, and what no schedule can beat. */
export interface Together {
  readonly minutes: number
  readonly bound: number
}

/** A tool that is not to hand, for which another is taken: its name, and what that risks. */
export interface StoodFor {
  readonly for: string
  /** Its id; absent in plans of version 1. */
  readonly tool?: string
  readonly risk: string
  /** It would have measured a torque, which then is not measured. */
  readonly byFeel?: true
}

/** Screws of one length in holes that are alike. Lengths in mm. */
export interface LengthFact extends HoleFit {
  /** Ids of the fixings. */
  readonly of: readonly string[]
  readonly length: number
  /** Nominal diameter of the thread. */
  readonly d: number
  /** What it holds that may be replaced by one of another make: in that nobody knows what lies behind. */
  readonly motor?: string
  /** Other lengths in the same set, that could be mistaken for it. */
  readonly others?: readonly number[]
  /** One of those would reach what is behind, or nobody knows whether it would. */
  readonly mixed?: true
}

/** A step as adopted by a job: it carries all that the journal and the screen need, so that the file may change behind it. */
export interface PlannedStep {
  /** It has ids where words would be: `wordingOf` puts them in from the machine's file. */
  readonly bare?: true
  readonly id: string
  readonly action: string
  readonly kind: ActionKind
  readonly limb: Limb
  readonly title: string
  readonly note?: string
  readonly photo?: string
  readonly counterHold?: string
  readonly ifOmitted?: string
  readonly pose: string
  readonly turn?: PoseTurn
  readonly tool?: Pick<Tool, 'id' | 'name' | 'short' | 'why' | 'size' | 'adapter'>
  /** Done with another tool than the file names. */
  readonly substitute?: StoodFor
  readonly people: 1 | 2
  readonly minutes: Minutes
  /** Minutes that then pass with no hands on it. */
  readonly wait?: number
  readonly waitFor?: WaitKind
  /** The same on both limbs; absent on checks and other steps that have no counterpart. */
  readonly number?: number
  readonly pair?: string
  readonly why: readonly Reason[]
  /** Fact keys that hold once it is done (down) or end once it is done (up). */
  readonly gives: readonly string[]
  /** Down: facts that must hold. Up: see `after`. */
  readonly needs?: Guard
  /** Steps of the same limb that must come first. */
  readonly after?: readonly string[]
  /** Not ready until dead is shown. */
  readonly dead?: true
  /** What it makes of the electrical state. */
  readonly power?: 'live' | 'isolated' | 'out'
  /** It is made live by the mains: there is no pack to be looked over. */
  readonly mains?: true
  readonly fixings: readonly FixingSpec[]
  readonly parts: readonly PartSpec[]
  readonly passes?: readonly Pass[]
  /** The file's; where it gives none there is none, and a card of usual ones is read. */
  readonly torque?: Quantity
  /** What the fixing is, for its torque, its part in the whole and the wrench. */
  readonly joint?: Pick<Joint, 'role' | 'critical' | 'thread' | 'head' | 'strength' | 'driver'>
  readonly lock?: Lock
  readonly pattern?: string
  /** What is looked at in a check, where the file says it. */
  readonly looks?: Looks
  /** Figures that it wants read: without them it is not done. */
  readonly wants?: readonly Want[]
  readonly relations?: readonly Relation[]
  /** A check: minutes down and up again through all that waits for it, if a fault were found later. */
  readonly reopen?: number
  /** The check that it passes. */
  readonly check?: string
  readonly cover?: true
  /** A heavy part moves: it is looked over once more before. */
  readonly heavy?: true
  /** The sealed unit that is ended by it, by its part. */
  readonly ends?: string
  /** It holds the motor against its own torque. */
  readonly reaction?: true
  /** Of what is screwed in with something behind it: lengths, and what they may not reach. On the way up. */
  readonly lengths?: readonly LengthFact[]
  /** A running clearance: read again after the first powered turn. */
  readonly again?: true
  /** What it opens, on the way down; the proof of the work goes by it. */
  readonly opens?: readonly Opened[]
  readonly cautions: readonly string[]
  readonly consumables: readonly Use[]
}

export interface LimbPlan {
  readonly steps: readonly PlannedStep[]
  readonly minutes: { readonly handsOn: number; readonly elapsed: number }
  /** With a second mechanic all the way: minutes, and what no schedule of these steps can beat. */
  readonly together: Together
  /** No order can take fewer minutes than this. */
  readonly bound: number
  /** (minutes − bound) / bound; 0 when proved. */
  readonly gap: number
  readonly proved: boolean
}

export interface ToolNeed {
  readonly id: string
  readonly name: string
  readonly firstStep: string
  readonly steps: number
  readonly special: boolean
  readonly form?: string
  /** Why another form ruins the fixing. */
  readonly why?: string
}

/** One call for a second person: minutes from the start of the limb, and for how long. */
export interface Lift {
  readonly from: number
  readonly minutes: number
  readonly titles: readonly string[]
}

export interface ConsumableNeed {
  readonly id: string
  readonly name: string
  readonly count: number
}

export interface SwapPlanStep {
  /** Ids stand where words would be, as on a step. */
  readonly bare?: true
  readonly id: string
  readonly title: string
  /** The job that it belongs to, where several are done in one go. */
  readonly job?: string
  /** The id of that job; absent in plans of version 1. */
  readonly goal?: string
  readonly note?: string
  readonly part?: PartSpec
  /** The widths of the file that it is a conversion of. */
  readonly converts?: string
  /** What the new part has to have in common with the old one, before anything is undone for it. */
  readonly compare?: readonly CompareSpec[]
  /** What is opened by it: the part that is replaced. */
  readonly opens?: readonly Opened[]
  readonly minutes: Minutes
}

/** A different set of steps that would also reach the goal for little more. */
export interface Alternative {
  readonly instead: readonly string[]
  readonly use: readonly string[]
  /** The actions of `instead`, to be left out by `PlanOptions.avoid`. */
  readonly avoid: readonly string[]
  readonly moreMinutes: number
}

export interface Plan {
  readonly planner: string
  /** How the work is proved. Absent in plans of before that was asked. */
  readonly provedAs?: ProvedAs
  readonly goals: readonly string[]
  readonly down: LimbPlan
  readonly swap: readonly SwapPlanStep[]
  readonly up: LimbPlan
  readonly upOrder: 'planned' | 'reverse'
  /** Minutes more that the exact reverse takes; null where it cannot be done. */
  readonly reverseMore: number | null
  readonly rejected: readonly Alternative[]
  readonly tools: readonly ToolNeed[]
  readonly consumables: readonly ConsumableNeed[]
  /** When a second person is wanted, on each limb. */
  readonly helper: { readonly down: readonly Lift[]; readonly up: readonly Lift[] }
  /** Titles of what was prepared and has to be put back. */
  readonly restore: readonly string[]
  /** Titles of steps that the file leaves no way to do before it is live. */
  readonly underPower?: readonly string[]
}

export type PlanError =
  | { readonly kind: 'unknown goal'; readonly goal: string }
  | { readonly kind: 'unreachable'; readonly chain: readonly string[] }
  | { readonly kind: 'cycle'; readonly limb?: Limb; readonly loop: readonly string[] }
  | { readonly kind: 'never back'; readonly step: string }
  | { readonly kind: 'missing-tool'; readonly tool: string; readonly step: string }
  | { readonly kind: 'no way to turn'; readonly from: string; readonly to: string; readonly step: string }
  | { readonly kind: 'too large'; readonly steps: number; readonly most: number }

export type PlanResult = Result<Plan, PlanError>
