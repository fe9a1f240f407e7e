import type { Purpose } from '../../core/axle'

/** How tall each piece of a stack is drawn; nobody measures that. */
export const TALL: Readonly<Record<Purpose, number>> = {
  nut: 58,
  cap: 58,
  bolt: 52,
  washer: 70,
  tab: 88,
  ring: 48,
  frame: 124,
  spacer: 54,
  cog: 112,
  disc: 118,
  gear: 96,
  pulley: 104,
  wheel: 120,
  crank: 116,
  spider: 108,
  bearing: 78,
  seal: 70,
  arm: 120,
}
