/**
 * Standard uncertainty of a caliper in a workshop’s hand, mm (estimated): of a width between two faces, and of a screw below its head,
 * where one jaw stands on a rounded edge.
 */
export const CALIPER = { width: 0.05, screw: 0.1 } as const
