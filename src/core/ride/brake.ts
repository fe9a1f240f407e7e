/** What a machine is stopped with. A closed list: a new one raises VOCABULARY. */
export const BRAKES = ['front', 'rear', 'together', 'pedal', 'parking'] as const
export type Brake = (typeof BRAKES)[number]
