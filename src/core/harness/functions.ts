/** What a pin carries: the closed set that tests, looms and drawings ask by. */
const CARRIED = {
  'pack +': /^(pack|battery|b) ?\+$/,
  'pack −': /^(pack|battery|b) ?[−-]$/,
  'phase A': /^phase [au1]$/,
  'phase B': /^phase [bv2]$/,
  'phase C': /^phase [cw3]$/,
  '+5 V': /^\+5 v$/,
  '+12 V': /^\+12 v$/,
  '+24 V': /^\+24 v$/,
  '0 V': /^(0 v|ground|gnd|minus)$/,
  'Hall A': /^hall [au1]$/,
  'Hall B': /^hall [bv2]$/,
  'Hall C': /^hall [cw3]$/,
  temperature: /^(motor )?temperature$/,
  speed: /^speed$/,
  throttle: /^(throttle|pedal|command)$/,
  'throttle 1': /^pedal 1$/,
  'throttle 2': /^pedal 2$/,
  brake: /^brake( left| right)?$/,
  'brake light': /^brake light$/,
  key: /^key$/,
  'key return': /^key return$/,
  reverse: /^reverse$/,
  lamp: /^lamp$/,
  horn: /^(horn|buzzer)$/,
  solenoid: /^solenoid$/,
  'display +': /^display \+$/,
  'data up': /^(data up|can h|bus h)$/,
  'data down': /^(data down|can l|bus l)$/,
  'motor A': /^motor (a|\+)$/,
  'motor B': /^motor (b|[−-])$/,
  'torque 1': /^torque 1$/,
  'torque 2': /^torque 2$/,
  angle: /^angle$/,
  'drive +': /^drive \+$/,
  'drive −': /^drive [−-]$/,
  'sine +': /^sine \+$/,
  'sine −': /^sine [−-]$/,
  'cosine +': /^cosine \+$/,
  'cosine −': /^cosine [−-]$/,
  interlock: /^interlock$/,
  'interlock return': /^interlock return$/,
  position: /^position$/,
  'mains live': /^live$/,
  'mains neutral': /^neutral$/,
  earth: /^earth$/,
  switch: /^(up|down|belt|stop|wake|switch)$/,
  spare: /^spare$/,
} as const satisfies Readonly<Record<string, RegExp>>

export type PinFunction = keyof typeof CARRIED
export const PIN_FUNCTIONS = Object.keys(CARRIED) as readonly PinFunction[]

/** What a pin carries by what its file says; null for what nobody here knows: it is shown in its own words. */
export function pinFunction(text: string): PinFunction | null {
  const said = text.trim().toLowerCase()
  return PIN_FUNCTIONS.find((f) => CARRIED[f].test(said)) ?? null
}
