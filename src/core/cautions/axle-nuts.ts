import type { CautionRule } from './caution'

export const axleNuts: CautionRule = {
  // Where they are made tight: started by hand they have no number yet.
  when: ({ joint, limb, doing }) => joint?.critical === 'axle' && limb === 'up' && (doing?.passes?.includes('final') ?? true),
}
