import type { StageRule } from './stage'

export const findTheFault: StageRule = { run: null }
