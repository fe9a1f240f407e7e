export interface StageRule {
  /** Which part of the run is worked in it: down, at the bottom, up; null beside the run. */
  readonly run: 'down' | 'bottom' | 'up' | null
}
