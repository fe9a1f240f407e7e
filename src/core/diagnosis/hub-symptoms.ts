import type { Symptom } from './types'

/** How often a direct hub with each fault shows the symptom; estimated. */
export const hubSymptoms: readonly Symptom[] = [
  {
    id: 'jerks', name: 'jerks, won’t start off', words: /jerk|stutter|judder|won.?t start off|will not start off/i, otherwise: 0.03,
    given: { 'hall-wire': 0.8, 'hall-sensor': 0.8, 'hall-plug': 0.7, 'phase-wire': 0.55, 'phase-plug': 0.5, gate: 0.5, winding: 0.3, rail: 0.25, magnets: 0.1, throttle: 0.1, 'pack-weak': 0.08, none: 0.15 },
  },
  {
    id: 'dead', name: 'does nothing at all', words: /nothing at all|dead|no life|does nothing|won.?t switch on/i, otherwise: 0.02,
    given: { 'pack-contact': 0.7, cutoff: 0.6, throttle: 0.5, rail: 0.5, bridge: 0.3, 'hall-plug': 0.15, 'pack-weak': 0.15, 'hall-wire': 0.12, 'hall-sensor': 0.12, 'phase-wire': 0.1, none: 0.15 },
  },
  {
    id: 'hums', name: 'hums, does not turn', words: /\bhum|buzz|does not turn|not pull|won.?t pull/i, otherwise: 0.03,
    given: { 'phase-wire': 0.6, 'phase-plug': 0.5, gate: 0.5, 'hall-wire': 0.3, 'hall-sensor': 0.3, 'hall-plug': 0.3, winding: 0.3, bridge: 0.2, none: 0.12 },
  },
  {
    id: 'bumps', name: 'cuts out over bumps', words: /bump|cobble|cuts? out|comes back/i, otherwise: 0.03,
    given: { 'hall-plug': 0.5, 'pack-contact': 0.5, 'phase-plug': 0.4, 'hall-wire': 0.3, throttle: 0.15, cutoff: 0.15, 'phase-wire': 0.15, none: 0.15 },
  },
  {
    id: 'grinds', name: 'grinds or rumbles', words: /grind|rumbl|scrap(es|ing) (inside|noise)|rough/i, otherwise: 0.02,
    given: { bearing: 0.8, 'brake-drag': 0.3, winding: 0.1, 'hall-wire': 0.08, 'hall-sensor': 0.08, magnets: 0.08, none: 0.15 },
  },
  {
    id: 'drags', name: 'hard to push', words: /drag|hard to push|brakes? by itself|heavy to/i, otherwise: 0.02,
    given: { bridge: 0.7, 'brake-drag': 0.6, winding: 0.45, bearing: 0.3, none: 0.1 },
  },
  {
    id: 'weak', name: 'weak or slow', words: /weak|slow|no power|loses power/i, otherwise: 0.04,
    given: { 'pack-weak': 0.6, magnets: 0.5, winding: 0.3, throttle: 0.3, 'brake-drag': 0.3, gate: 0.2, 'phase-plug': 0.25, 'phase-wire': 0.15, bearing: 0.15, none: 0.15 },
  },
  {
    id: 'hot', name: 'motor gets hot', words: /\bhot\b|smells? burnt|overheat/i, otherwise: 0.04,
    given: { winding: 0.6, magnets: 0.4, 'brake-drag': 0.4, bearing: 0.3, 'phase-plug': 0.2, 'hall-wire': 0.15, 'hall-sensor': 0.2, none: 0.12 },
  },
  {
    id: 'push', name: 'runs once it is pushed', words: /once (it is )?pushed|needs? a push|kick it/i, otherwise: 0.02,
    given: { 'hall-wire': 0.6, 'hall-sensor': 0.6, 'hall-plug': 0.5, 'phase-wire': 0.3, gate: 0.25, 'phase-plug': 0.25, none: 0.1 },
  },
  {
    id: 'surges', name: 'surges by itself', words: /surge|runs away|by itself/i, otherwise: 0.02,
    given: { throttle: 0.5, 'hall-plug': 0.2, 'hall-wire': 0.15, none: 0.1 },
  },
]
