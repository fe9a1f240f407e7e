import type { MachineFile } from '../machine'
import type { CautionRule } from './caution'

/** Some fixing of it is held by threadlocker; without a file it may be. */
const hasLocker = ({ file }: { readonly file: MachineFile | null }): boolean => file?.joints.some((j) => j.lock !== undefined) ?? true

export const lockerClocks: CautionRule = {
  when: ({ file, step }) => step?.check === 'spin test' && hasLocker({ file }),
  sheets: { 'spin test': hasLocker, ride: hasLocker },
}
