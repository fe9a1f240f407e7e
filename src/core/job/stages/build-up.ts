import type { StageRule } from './stage'

export const buildUp: StageRule = { run: 'up' }
