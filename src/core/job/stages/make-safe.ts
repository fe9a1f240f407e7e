import type { StageRule } from './stage'

export const makeSafe: StageRule = { run: 'down' }
