import type { DriveKind, Pin } from '../machine'
import type { Plug } from './face'

const pins = (list: string): Pin[] =>
  list.split('; ').map((text, i) => {
    const [colour, ...rest] = text.split(' ')
    return { n: i + 1, colour: colour!, function: rest.join(' ') }
  })
const plug = (
  id: string,
  name: string,
  family: string,
  of: string,
  roles: Plug['roles'] = [],
  mates: Plug['mates'] = ['drive', 'controller'],
): Plug => ({
  id,
  name,
  family,
  pins: pins(of),
  roles,
  mates,
})

const PACK = plug('pack', 'pack plug', 'two-pole, keyed', 'red pack +; black pack −', [], ['pack', 'controller'])
const FEED = plug('feed', 'controller’s feed', 'two-pole, keyed', 'red pack +; black pack −', ['feed'], ['controller', 'deck'])
const PHASES = plug('phases', 'phases', '4 mm bullets', 'yellow phase A; green phase B; blue phase C', ['phases'])
const HALL = plug('hall', 'Hall plug', '6-pin, latch', 'red +5 V; black 0 V; yellow Hall A; green Hall B; blue Hall C; white temperature', [
  'hall',
])
const THROTTLE = plug('throttle', 'throttle plug', '3-pin', 'red +5 V; black 0 V; green throttle', ['throttle'], ['lever', 'controller'])

/**
 * Plugs as they usually are on a machine that no file knows: an estimate. One goes by what a pin does, not by where it is drawn or what
 * colour it has here.
 */
export const USUAL_PLUGS: { readonly [K in DriveKind]: readonly Plug[] } = {
  'hub direct': [PACK, FEED, PHASES, HALL, THROTTLE],
  'hub geared': [
    PACK,
    FEED,
    plug(
      'motor',
      'motor plug',
      '9-pin, round',
      'yellow phase A; green phase B; blue phase C; red +5 V; black 0 V; yellow Hall A; green Hall B; blue Hall C; white speed',
      ['phases', 'hall'],
    ),
    THROTTLE,
  ],
  'mid-drive': [PACK, plug('speed', 'speed sensor', '3-pin', 'red +5 V; black 0 V; white speed')],
  'gearbox brushed': [
    PACK,
    FEED,
    plug('motor', 'motor plug', 'two-pole', 'red motor +; black motor −'),
    plug('command', 'command plug', '3-pin', 'red +5 V; black 0 V; white throttle', ['throttle'], ['lever', 'controller']),
  ],
  traction: [
    plug('lugs', 'phase lugs', 'ring ends M8', 'orange phase U; orange phase V; orange phase W', ['phases']),
    plug(
      'resolver',
      'resolver plug',
      '6-pin, sealed',
      'red drive +; black drive −; white sine +; grey sine −; green cosine +; blue cosine −',
      ['hall'],
    ),
    plug('loop', 'interlock plug', '2-pin, orange', 'orange interlock; orange interlock return'),
  ],
  'steering assist': [
    FEED,
    plug('torque', 'torque sensor', '5-pin, sealed', 'red +5 V; black 0 V; white torque 1; green torque 2; blue angle'),
    plug('motor', 'motor plug', 'two-pole, latch', 'red motor A; black motor B'),
  ],
  actuator: [
    plug('supply', 'supply plug', 'two-pole, latch', 'red +24 V; black 0 V', ['feed'], ['supply', 'controller']),
    plug('actuator', 'actuator plug', '4-pin', 'red motor A; black motor B; white position; green 0 V'),
  ],
}
