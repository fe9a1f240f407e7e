import type { StageRule } from './stage'

export const takeDown: StageRule = { run: 'down' }
