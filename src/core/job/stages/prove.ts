import type { StageRule } from './stage'

export const prove: StageRule = { run: null }
