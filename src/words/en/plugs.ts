import type { PlugIs } from '../../core/job'

export const PLUG_WORDS: Readonly<Record<PlugIs, string>> = {
  tight: 'tight',
  loose: 'loose',
  wet: 'wet',
  burnt: 'burnt',
  discoloured: 'discoloured',
  'not reached': 'not reached',
}
