import { readBearing } from '../bearings'
import { inside, overTheOpening, type Piece, threadLeft } from '../axle'
import { convertWidth } from '../conversion'
import { reaches, readThread } from '../fasteners'
import type { FileFault } from './file-fault'
import { holeOf, screwIn } from './hole-fit'
import type { MachineFile, StackItem } from './types'

const sure = (value: number) => ({ value, u: 0 })
/** A piece of a stack as its file gives it: its width by the file, taken for sure. */
const pieceOf = ({ width, clamped, turns, purpose }: StackItem): Piece => ({
  width: sure(width),
  clamped,
  turns,
  ...(purpose ? { purpose } : {}),
})

/** A file’s own screws reach nothing that lies behind them, and its stacks fit their frame, and its bearings are made. */
export function checkFits(file: MachineFile, faults: FileFault[]): void {
  file.joints.forEach((joint, i) => {
    const thread = joint.thread === undefined ? null : readThread(joint.thread)
    joint.members.forEach((m, k) => {
      const hole = holeOf(joint, m.id)
      if (!hole || hole.depth === undefined || m.length === undefined || !thread) return
      if (!(m.length > 0))
        return void faults.push({
          kind: 'does not fit',
          at: `/joints/${i}/members/${k}/length`,
          value: String(m.length),
          expected: 'a length above 0 mm',
        })
      const own = reaches(screwIn(hole, thread.d, sure(m.length)))
      if (own.verdict === 'stop')
        faults.push({
          kind: 'too long',
          at: `/joints/${i}/members/${k}/length`,
          value: String(m.length),
          expected: `at most ${own.longest ?? 0} mm: ${hole.behind} behind it`,
        })
    })
  })
  ;(file.widths ?? []).forEach((set, i) =>
    set.options.forEach(({ id, makes }, k) => {
      const { verdict, off } = convertWidth(set, id, id)
      if (makes && verdict !== 'makes it')
        faults.push({
          kind: 'does not fit',
          at: `/widths/${i}/options/${k}/makes`,
          value: String(makes.width),
          expected: `with its pieces it makes ${Number((makes.width + off).toFixed(2))} mm`,
        })
    }),
  )
  ;(file.bearings ?? []).forEach(({ designation, seat }, i) => {
    const read = readBearing(designation)
    if ('nearest' in read)
      faults.push({ kind: 'no bearing', at: `/bearings/${i}/designation`, value: designation, expected: read.nearest.join(', ') })
    else if (seat && seat.depth < read.size[2] + seat.collar)
      faults.push({
        kind: 'does not fit',
        at: `/bearings/${i}/seat/depth`,
        value: String(seat.depth),
        expected: `at least ${Number((read.size[2] + seat.collar).toFixed(2))} mm: the bearing and its collar`,
      })
  })
  ;(file.axles ?? []).forEach((axle, i) => {
    const at = `/axles/${i}`
    const thread = readThread(axle.thread)
    if (!thread) return void faults.push({ kind: 'no thread', at: `${at}/thread`, value: axle.thread, expected: 'a thread that is made' })
    if (axle.flats !== undefined && axle.flats >= thread.d)
      faults.push({ kind: 'does not fit', at: `${at}/flats`, value: String(axle.flats), expected: `less than the thread, ${thread.d} mm` })
    const sides = axle.stacks.map((id) => file.stacks.find((s) => s.id === id)?.items ?? [])
    const inner = sides.flatMap((items) => inside(items.map(pieceOf)))
    const { spread, verdict } = overTheOpening(sure(axle.hub), inner, sure(axle.opening))
    if (verdict !== 'fits')
      faults.push({
        kind: 'does not fit',
        at: `${at}/opening`,
        value: String(axle.opening),
        expected: `hub and inner pieces ${spread.value > 0 ? 'spread it by' : 'leave'} ${Math.abs(Number(spread.value.toFixed(2)))} mm`,
      })
    sides.forEach((items, k) => {
      const left = threadLeft(sure(axle.standsOut[k]!), items.map(pieceOf), thread.pitch)
      if (left.verdict === 'not a full nut')
        faults.push({
          kind: 'no full nut',
          at: `${at}/standsOut/${k}`,
          value: String(axle.standsOut[k]),
          expected: `${Number((thread.pitch - left.showing.value).toFixed(2))} mm more`,
        })
    })
  })
}
