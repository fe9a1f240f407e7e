import { expose } from 'comlink'
import { plan } from '../core/planning'

/** The planner, off the main thread. */
const api = { plan }
export type PlannerApi = typeof api

expose(api)
