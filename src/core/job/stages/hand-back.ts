import type { StageRule } from './stage'

export const handBack: StageRule = { run: null }
