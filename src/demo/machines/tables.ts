import { answersFor, type Guard, type MachineFile, sidesIn } from '../../core/machine'
import { everythingInFileOrder, plan } from '../../core/planning'
import { demoMachines } from './index'

/** What a machine file can say, and which of the demo machines say it. */
export const FEATURES: readonly { readonly name: string; readonly has: (file: MachineFile) => boolean }[] = [
  { name: 'variants that switch steps', has: (f) => f.joints.some((j) => j.when) },
  { name: 'one of several ways in', has: (f) => guards(f).some((g) => inside(g, (x) => 'any' in x)) },
  {
    name: 'pushed aside, at a price',
    has: (f) => f.steps.some((s) => s.kind === 'push aside' && s.down?.modes.some((m) => (m.penalty ?? 0) > 0)),
  },
  { name: 'prepared, and restored', has: (f) => f.steps.some((s) => s.kind === 'prepare' && s.limb === 'both') },
  {
    name: 'only before something else',
    has: (f) => guards(f).some((g) => inside(g, (x) => 'not' in x && 'fact' in x.not && x.not.fact === 'unplugged')),
  },
  { name: 'under tape or a mat', has: (f) => f.joints.some((j) => j.kind === 'tape' || j.kind === 'adhesive') },
  { name: 'captive', has: (f) => f.joints.some((j) => j.captive) },
  { name: 'back in their own holes', has: (f) => f.joints.some((j) => j.keep === 'own hole') },
  { name: 'loosened only', has: (f) => f.joints.some((j) => j.release === 'loosen') },
  { name: 'two lengths in one pattern', has: (f) => f.joints.some((j) => new Set(j.members.map((m) => m.length)).size > 1) },
  { name: 'springs under tension', has: (f) => f.energy.some((e) => e.kind === 'spring') },
  { name: 'a last fixing that carries the load', has: (f) => f.loadPath.length > 0 },
  { name: 'drained', has: (f) => f.steps.some((s) => s.gives?.some((g) => g.fact === 'drained')) },
  { name: 'connectors and the holes they pass', has: (f) => f.holes.length > 0 && f.cables.some((c) => c.end) },
  {
    name: 'leads that share a hole, by a rule',
    has: (f) => f.holes.some((h) => h.passing && f.cables.filter((c) => c.route.includes(h.id)).length > 1),
  },
  { name: 'by hand or by driver, at which clutch', has: (f) => f.joints.some((j) => j.driver) },
  { name: 'orders that damage if ignored', has: (f) => f.order.some((r) => r.strength === 'must') },
  { name: 'orders better kept', has: (f) => f.order.some((r) => r.strength === 'prefer') },
  { name: 'consumables', has: (f) => f.consumables.length > 0 },
  { name: 'sealed units', has: (f) => f.sealed.length > 0 },
  { name: 'a new part compared', has: (f) => f.parts.some((p) => p.compare) },
  { name: 'substitute tools with their risk', has: (f) => f.joints.some((j) => j.down.modes.some((m) => m.substitutes)) },
  { name: 'handed parts', has: (f) => f.parts.some((p) => p.handed) },
  { name: 'one of them stays in', has: (f) => f.joints.some((j) => j.members.some((m) => m.stay)) },
  {
    name: 'leads that tie a cover',
    has: (f) => f.parts.some((p) => p.tethers && f.joints.some((j) => j.role === 'cover' && j.holds[0] === p.id)),
  },
  { name: 'a connector taken apart to pass', has: (f) => guards(f).some((g) => inside(g, (x) => 'fact' in x && x.fact === 'de-pinned')) },
  { name: 'ties that leads share', has: (f) => f.cables.some((c) => c.ties) },
  { name: 'slack at both locks', has: (f) => f.cables.some((c) => c.slack) },
  { name: 'which way tabs and slots face', has: (f) => f.stacks.some((s) => s.items.some((i) => i.facing)) },
  { name: 'turned over or on its side', has: (f) => f.poses.some((p) => sidesIn(p)) },
  { name: 'stands so only when something is done', has: (f) => f.poseMoves.some((m) => m.guard) },
  { name: 'waits with no hands on', has: (f) => f.steps.some((s) => (s.down?.wait ?? s.up?.wait) !== undefined) },
  { name: 'set up again after refit', has: (f) => f.steps.some((s) => s.check === 'calibration') },
  { name: 'gas, weight or mains held', has: (f) => f.energy.some((e) => e.kind === 'gas' || e.kind === 'weight' || e.kind === 'mains') },
  { name: 'a torque left to be estimated', has: (f) => f.joints.some((j) => !j.torque && j.strength !== undefined) },
  { name: 'warmed to undo', has: (f) => f.joints.some((j) => j.release === 'warm then undo') },
  { name: 'parts that carry parts', has: (f) => f.parts.some((p) => p.of || p.with) },
  { name: 'its own notes, kept', has: (f) => Object.keys(f).some((k) => k.startsWith('x-')) },
  { name: 'two people', has: (f) => [...f.poseMoves, ...f.parts.flatMap((p) => p.lift?.modes ?? [])].some((m) => m.people === 2) },
]

function guards(file: MachineFile): Guard[] {
  return [
    ...file.joints.flatMap((j) => [j.access, j.down.guard]),
    ...file.parts.flatMap((p) => [p.access, p.escape]),
    ...file.steps.flatMap((s) => [s.access, s.down?.guard]),
  ].filter((g) => g !== undefined)
}

function inside(guard: Guard, is: (guard: Guard) => boolean): boolean {
  return is(guard) || ('all' in guard ? guard.all : 'any' in guard ? guard.any : []).some((g) => inside(g, is))
}

/** Jobs of all machines with what they take, unanswered questions counted at their worst; and which machine says what. Markdown. */
export function machineTables(): string {
  const files = demoMachines()
  const jobs = files.flatMap((file) => {
    const all = everythingInFileOrder(file)
    return file.goals.map((goal) => {
      const found = plan(file, 'untouched', [goal.id], { variants: answersFor(file, goal) })
      if (!found.ok) throw new Error(`${file.name} has no plan for ${goal.name}`)
      const { down, up } = found.value
      return `| ${file.name} | ${goal.name} | ${down.steps.length} | ${all.steps} | ${Math.round(down.minutes.handsOn)} | ${Math.round(all.minutes)} | ${up.steps.length} | ${Math.round(up.minutes.handsOn)} | ${down.proved && up.proved ? 'yes' : 'no'} |`
    })
  })
  return `# Machines of the demo shop

Made by \`npm run tables\`; a test keeps it true. Minutes are hands on, likely, weighted by people. “Everything” is the way down if all that
can come off did, in the order of the file.

| machine | job | steps down | everything | minutes down | everything | steps up | minutes up | proved the cheapest |
|---|---|---|---|---|---|---|---|---|
${jobs.join('\n')}

| what the file says | ${files.map((f) => f.name).join(' | ')} |
|---|${files.map(() => '---|').join('')}
${FEATURES.map((x) => `| ${x.name} | ${files.map((f) => (x.has(f) ? '●' : '')).join(' | ')} |`).join('\n')}
`
}
