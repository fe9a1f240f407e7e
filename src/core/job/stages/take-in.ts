import type { StageRule } from './stage'

export const takeIn: StageRule = { run: null }
