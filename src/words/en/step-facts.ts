import { type JobState, type Method, nextPass, offOf, offRule, settingOf } from '../../core/job'
import type { Driver } from '../../core/machine'
import { clickedHome, renewedOn } from './screens/no-file'
import type { PlannedStep } from '../../core/planning'

const LATER: Record<string, string> = { started: 'Started by hand', seated: 'Seated', final: 'Final', marked: 'Marked' }

/** What the big action says when a step goes as the file expects. */
export function doneLabel(state: JobState, step: PlannedStep): string {
  if (step.kind === 'unplug' && step.power === 'isolated') return 'Unplugged and capped'
  if (step.limb === 'up') {
    const pass = nextPass(state, step.id)
    const off = offOf(state, step)
    if (off?.sort === 'plug') return clickedHome
    if (off && offRule(off.sort).renewed) return renewedOn(off.count)
    if (!pass) return step.power === 'live' ? 'Plugged in: it is live' : 'Back on'
    const n = step.fixings.filter((f) => !f.stay).length
    if (pass === 'final' && step.passes?.length === 1) return 'Back on'
    return n > 1 ? `${n === 2 ? 'Both' : `All ${n}`} ${LATER[pass]!.toLowerCase()}` : LATER[pass]!
  }
  if (step.power === 'out') return 'Out and away'
  if (step.kind === 'unplug') return 'Apart'
  if (step.kind === 'prepare' || step.kind === 'support' || step.kind === 'push aside') return 'Done'
  const cells = [...new Set(step.fixings.flatMap((f) => f.cell ?? []))]
  if (cells.length > 0) return `Off, in ${cells.join(' and ')}`
  const keep = step.fixings[0]?.keep
  if (keep === 'own hole') return 'Out, back in its own hole'
  if (keep === 'bin') return 'Cut, off'
  if (keep === 'carrier' && step.fixings[0]?.captive) return 'Open'
  if (keep === 'carrier') return 'Off, order kept'
  return 'Off'
}

/** What the tap says that makes something tight: it is what will be written. */
export function tightLabel(step: PlannedStep, method: Method, members: number): string {
  if (method.by === 'asked') return 'Tight: say how'
  const all = members > 1 ? `${members === 2 ? 'Both' : `All ${members}`} ` : ''
  const words = method.by === 'wrench' ? `clicked at ${step.torque!.value} N·m` : 'tight, not read'
  return all ? `${all}${words}` : words.charAt(0).toUpperCase() + words.slice(1)
}

/** What the wrench is set to: the number, or what an adapter makes of it. */
export function tightSetting(step: PlannedStep, method: Extract<Method, { readonly by: 'wrench' }>): string {
  return `${Number(settingOf(step.torque!.value, method.wrench, method.adapter).toPrecision(3))} N·m`
}

const WHERE = { carrier: 'stays on its part, in order', 'own hole': 'back in its own hole', bin: 'not going back', cell: '' } as const

/** Short facts for the card, three at the most. */
export function factsOfStep(step: PlannedStep): readonly { readonly label: string; readonly value: string; readonly note?: string }[] {
  const facts: { label: string; value: string; note?: string }[] = []
  if (step.tool)
    facts.push({
      label: 'Tool',
      value: step.tool.name,
      ...(step.limb === 'up' && step.joint?.driver ? { note: driverWords(step.joint.driver) } : {}),
    })
  if (step.limb === 'down') {
    const cells = [...new Set(step.fixings.flatMap((f) => f.cell ?? []))].map((cell) => {
      const there = step.fixings.flatMap((f) => (f.cell === cell ? [f.label] : []))
      return `${cell}: ${[...new Set(there)].map((label) => `${there.filter((l) => l === label).length} × ${label}`).join(' and ')}`
    })
    const thrown = step.fixings.flatMap((f) => (f.keep === 'bin' ? [f.label] : []))
    if (cells.length > 0)
      facts.push({
        label: cells.length > 1 ? 'Go to' : 'Goes to',
        value: cells.join(', '),
        ...(thrown.length > 0 ? { note: `${thrown.join(', ')}: ${WHERE.bin}` } : {}),
      })
    else if (step.fixings[0])
      facts.push({
        label: 'Where to',
        value: WHERE[step.fixings[0].keep],
      })
  } else {
    if (step.torque)
      facts.push({
        label: 'Tighten',
        value: `${step.torque.value} N·m`,
        note: step.substitute?.byFeel ? 'by feel, not measured' : step.torque.source,
      })
    if (step.lock)
      facts.push({
        label: 'Threadlocker',
        value: step.lock.product.replace(' threadlocker', ''),
        note: `spin after ${step.lock.handlingMinutes} min, ride after ${step.lock.cureHours} h`,
      })
  }
  if (step.consumables.length > 0 && facts.length < 3)
    facts.push({
      label: 'Takes',
      value: step.consumables.map((c) => `${c.count} × ${c.consumable.replace('locker-medium', 'drop of locker')}`).join(', '),
    })
  if (step.people === 2) facts.push({ label: 'Hands', value: 'two people' })
  return facts.slice(0, 3)
}

/** What a power driver may do: `start by hand, driver at clutch 4, finish by hand`. */
function driverWords({ start, clutch, finish }: Driver): string {
  const at = clutch === undefined ? '' : ` at clutch ${clutch}`
  if (start === 'hand' && finish !== 'driver' && clutch === undefined) return 'by hand only, no driver'
  return `${start === 'hand' ? 'start by hand, then driver' : 'driver'}${at}${finish === 'driver' ? '' : `, finish by ${finish === 'wrench' ? 'torque wrench' : 'hand'}`}`
}
