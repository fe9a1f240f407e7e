import { factKey, holds, type MachineFile } from '../src/core/machine'
import type { Plan, PlannedStep } from '../src/core/planning'

/** Laws that every plan of every machine keeps; each tells what breaks it, in words, and nothing where it holds. */
export const PLAN_LAWS: Readonly<Record<string, (file: MachineFile, plan: Plan) => readonly string[]>> = {
  'a tether is joined before its cover seats': (file, { up }) =>
    file.joints
      .filter((j) => j.role === 'cover')
      .flatMap((joint) =>
        (file.parts.find((p) => p.id === joint.holds[0])?.tethers ?? []).flatMap((plug) => {
          const [joined, seated] = [at(up.steps, `unplug:${plug}`), at(up.steps, `off:${joint.holds[0]!}`)]
          return joined >= 0 && seated >= 0 && joined > seated ? [`${plug} after ${joint.holds[0]!}`] : []
        }),
      ),
  'nothing is tried under power while a plug is apart': (_, { up }) => {
    const test = up.steps.findIndex((s) => s.check === 'spin test' || s.check === 'calibration')
    return up.steps.flatMap((s, i) =>
      s.kind === 'unplug' && s.pair !== undefined && test >= 0 && i > test ? [`${s.title} after the test`] : [],
    )
  },
  'no lid, part or lead is worked on in a live machine, but where it lies over the plug that would make it dead': (
    _,
    { down, up, underPower = [] },
  ) => {
    const plug = down.steps.find((s) => s.power === 'isolated')
    const facts = new Set(down.steps.flatMap((s) => s.gives))
    const wrong: string[] = []
    let power: string | undefined
    for (const s of up.steps) {
      for (const fact of s.gives) facts.delete(fact)
      const reached = plug?.needs ? holds(plug.needs, (f) => facts.has(factKey(f)), {}) : true
      if (
        power === 'live' &&
        s.power === undefined &&
        ['release', 'take off', 'unplug'].includes(s.kind) &&
        reached &&
        !underPower.includes(s.title)
      )
        wrong.push(s.title)
      power = s.power ?? power
    }
    if (up.steps.some((s) => s.power === 'live') && power !== 'live') wrong.push('left without power')
    return wrong
  },
  'it is made live after all that does not wait for it, or says what the file leaves no other way for': (_, { up, underPower = [] }) => {
    const live = up.steps.findIndex((s) => s.power === 'live')
    if (live < 0) return []
    const waits = new Set([up.steps[live]!.id])
    for (const s of up.steps) if (s.after?.some((id) => waits.has(id))) waits.add(s.id)
    return up.steps
      .slice(live + 1)
      .flatMap((s) => (s.kind === 'prepare' || s.kind === 'push aside' || waits.has(s.id) || underPower.includes(s.title) ? [] : [s.title]))
  },
  'a look comes after the last pass of what it judges': (file, { up }) =>
    up.steps.flatMap((look, i) => {
      const judged = look.kind === 'gate' ? (file.steps.find((s) => `step:${s.id}` === look.action)?.after ?? []) : []
      return up.steps
        .slice(i + 1)
        .filter((s) => s.pair !== undefined && judged.includes(s.action))
        .map((s) => `${look.title} before ${s.title}`)
    }),
  'what was put in is bolted before the machine is turned': (file, { up }) =>
    file.joints.flatMap((joint) => {
      if (joint.critical !== 'axle' && !file.loadPath.some((l) => l.joints.includes(joint.id))) return []
      const tight = up.steps.findIndex((s) => s.fixings.some((x) => x.joint === joint.id) && s.passes?.includes('final'))
      // The bolts themselves, and what they wait for, are done where the file lets them be done.
      const own = new Set([up.steps[tight]?.id])
      for (const s of [...up.steps].reverse()) if (own.has(s.id)) s.after?.forEach((id) => own.add(id))
      return joint.holds.flatMap((part) => {
        const back = up.steps.findIndex((s) => s.parts.some((x) => x.id === part))
        return back < 0 || tight < back
          ? []
          : up.steps.slice(back + 1, tight + 1).flatMap((s) => (s.turn && !own.has(s.id) ? [`${s.turn.title} before ${s.title}`] : []))
      })
    }),
  'whatever came off goes back, each once': (_, { down, up }) => {
    const ids = (steps: readonly PlannedStep[]): string[] => steps.flatMap((s) => s.fixings.map((x) => x.id))
    const [off, on] = [ids(down.steps), new Set(ids(up.steps))]
    return [
      ...off.filter((id, i) => off.indexOf(id) !== i).map((id) => `${id} off twice`),
      ...off.filter((id) => !on.has(id)).map((id) => `${id} stays off`),
    ]
  },
  'every tool that a step names is in the list': (_, { down, up, tools }) => {
    const listed = new Set(tools.map((t) => t.id))
    return [...down.steps, ...up.steps].flatMap((s) => (s.tool && !listed.has(s.tool.id) ? [`${s.tool.id} for ${s.title}`] : []))
  },
  'nobody is a stand: what is tried under power stands by itself': (file, { up }) =>
    up.steps.flatMap((s) => {
      const doing = file.steps.find((x) => `step:${x.id}` === s.action)?.up
      return s.check === 'spin test' &&
        /one (person )?(lifts|holds) (it|the)/i.test(`${doing?.note ?? ''} ${doing?.looks?.stand.join(' ') ?? ''}`)
        ? [s.title]
        : []
    }),
}

const at = (steps: readonly PlannedStep[], action: string): number => steps.findIndex((s) => s.action === action)
