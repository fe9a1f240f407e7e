/** Numbers as far apart as this, behind the same letters, came off one line. Estimated. */
const BATCH = 50

/** A number on a plate: letters, and the digits at its end; null for what is no number of a series. */
function parted(serial: string): { readonly head: string; readonly at: number; readonly digits: number } | null {
  const found = /^(.*?)(\d{3,9})$/.exec(serial.trim().toUpperCase())
  return found ? { head: found[1]!.replace(/[\s.-]+$/, ''), at: Number(found[2]), digits: found[2]!.length } : null
}

/**
 * Are two machines of a model from one batch, by the numbers on their plates? Fleet numbers of one or two digits say nothing of it.
 * @example nearSerials('PV-04117', 'PV 04131') // true
 */
export function nearSerials(a: string, b: string): boolean {
  const [x, y] = [parted(a), parted(b)]
  return x !== null && y !== null && x.head === y.head && x.digits === y.digits && Math.abs(x.at - y.at) <= BATCH
}
