import type { Tool } from '../../core/machine'

/** Every tool that a Dunlin asks for, by form where the wrong one ruins the fixing. */
export const TOOLS: readonly Tool[] = [
  { id: 'spatula', name: 'plastic spatula', short: 'spatula', kind: 'pry', form: 'plastic, wide', why: 'Metal scores the lid and finds the leads.' },
  { id: 'hex-2.5', name: 'hex key 2.5 mm', short: 'hex 2.5', kind: 'hex key', size: '2.5', form: 'straight end' },
  { id: 'hex-3', name: 'hex key 3 mm', short: 'hex 3', kind: 'hex key', size: '3', form: 'straight end' },
  { id: 'hex-5', name: 'hex key 5 mm', short: 'hex 5', kind: 'hex key', size: '5', form: 'straight end' },
  { id: 'lobe-25', name: 'six-lobe bit T25', short: 'lobe 25', kind: 'six-lobe', size: 'T25', why: 'A hex key fits badly and rounds it.' },
  { id: 'cross-2', name: 'cross-head PH2', short: 'cross 2', kind: 'cross', size: 'PH2' },
  { id: 'ring-18', name: 'ring spanner 18 mm', short: '18 ring', kind: 'spanner', size: '18', form: 'ring, deep', why: 'A shallow socket rounds the nut: the axle stands proud.' },
  { id: 'open-18', name: 'open spanner 18 mm, thin', short: '18 open', kind: 'spanner', size: '18', form: 'open, thin', why: 'The lead leaves here: a ring will not pass the plug.', special: true },
  { id: 'adjustable', name: 'adjustable spanner', short: 'adjustable', kind: 'spanner' },
  { id: 'snips', name: 'flush cutters', short: 'snips', kind: 'cutters' },
  { id: 'valve-tool', name: 'valve core tool', short: 'valve tool', kind: 'valve tool', special: true },
  { id: 'meter', name: 'multimeter, checked', short: 'meter', kind: 'meter' },
  { id: 'precharge', name: 'pre-charge resistor lead', short: 'pre-charge', kind: 'lead', special: true },
  { id: 'torque-6', name: 'torque driver 1–6 N·m', short: 'torque 1–6', kind: 'torque driver', size: '1–6' },
  { id: 'torque-20', name: 'torque wrench 4–20 N·m', short: 'torque 4–20', kind: 'torque wrench', size: '4–20' },
  { id: 'torque-60', name: 'torque wrench 10–60 N·m, 18 mm deep', short: 'torque 10–60', kind: 'torque wrench', size: '10–60', form: 'deep socket' },
]
