import { isCheck, looksOf } from '../core/job'
import { cautionsOfTurn } from '../core/cautions'
import { answersFor, indexFile, type MachineFile } from '../core/machine'
import { plan, type PlannedStep } from '../core/planning'
import { cautionsOf } from '../words/en/cautions'
import { checkWords, itemWords, STANDS } from '../words/en/checks'
import { wantWords } from '../words/en/measuring'
import { whyNot } from '../words/en/plan-errors'
import { factsOfStep } from '../words/en/step-facts'
import { besideOf, waysOf } from '../words/en/ways'

/** One card of a job: what it says, in the order in which it is read, and what it rests on. */
interface WalkCard {
  readonly head: string
  readonly lines: readonly string[]
  /** Ids and numbers, no words of ours: they change only when the plan does. */
  readonly facts: string
}

interface Walk {
  readonly job: string
  readonly goal: string
  readonly tools: readonly string[]
  readonly consumables: readonly string[]
  readonly down: readonly WalkCard[]
  readonly swap: readonly string[]
  readonly up: readonly WalkCard[]
  readonly error?: string
}

/** Every job of a file, card by card, as whoever does it reads them; unanswered questions at their worst. */
function walksOf(file: MachineFile): readonly Walk[] {
  return file.goals.map((goal): Walk => {
    const found = plan(file, 'untouched', [goal.id], { variants: answersFor(file, goal) })
    const head = { job: goal.name, goal: goal.id }
    if (!found.ok) return { ...head, tools: [], consumables: [], down: [], swap: [], up: [], error: whyNot(found.error, file) }
    const { down, up, swap, tools, consumables } = found.value
    const cards = (steps: readonly PlannedStep[]): readonly WalkCard[] =>
      steps.flatMap((s) => [...(s.turn ? [turnCard(file, s)] : []), stepCard(file, s)])
    return {
      ...head,
      tools: tools.map((t) => (t.form ? `${t.name}, ${t.form}` : t.name)),
      consumables: consumables.map((c) => `${c.count} × ${c.name}`),
      down: cards(down.steps),
      swap: swap.map((s) => (s.note ? `${s.title}. ${s.note}` : s.title)),
      up: cards(up.steps),
    }
  })
}

function turnCard(file: MachineFile, step: PlannedStep): WalkCard {
  const turn = step.turn!
  const cautions = cautionsOfTurn(file, turn.by ?? [])
  return {
    head: turn.title,
    lines: [
      ...(turn.people === 2 ? ['Two people.'] : []),
      ...(turn.note ? [turn.note] : []),
      ...waysOf(file, step, true),
      ...besideOf(indexFile(file), step, true).map((name) => `With: ${name}`),
      ...cautionsOf(cautions).map((c) => `${MARK[c.level]} ${c.text}`),
    ],
    facts: `turn ${turn.to} ${turn.people} ${[...cautions].sort().join('+') || '-'}`,
  }
}

const MARK = { stop: '▲', look: '◆' } as const

function stepCard(file: MachineFile, step: PlannedStep): WalkCard {
  const check = step.check !== undefined && isCheck(step.check) ? step.check : null
  const usual = check ? looksOf(check) : null
  const looks = step.looks
    ? { stand: step.looks.stand, items: step.looks.items }
    : { stand: (usual?.stand ?? []).map((s) => STANDS[s]), items: (usual?.items ?? []).map((item) => itemWords({ item })) }
  const places = step.fixings.map((f) => f.place)
  return {
    head: step.number === undefined ? step.title : `${step.number}. ${step.title}`,
    lines: [
      ...factsOfStep(step).map((f) => `${f.label}: ${f.value}${f.note ? ` (${f.note})` : ''}`),
      ...(places.length > 0 && places.length <= 4 ? [`Where: ${places.join('; ')}`] : []),
      ...waysOf(file, step, false),
      ...(step.note ? [step.note] : []),
      ...(step.counterHold ? [`Held: ${step.counterHold}`] : []),
      ...besideOf(indexFile(file), step, false).map((name) => `With: ${name}`),
      ...cautionsOf(step.cautions).map((c) => `${MARK[c.level]} ${c.text}`),
      ...(check ? [`Check: ${checkWords(check)}`] : []),
      ...looks.stand.map((s) => `First: ${s}`),
      ...looks.items.map((i) => `Look: ${i}`),
      ...(step.wants ?? []).map((w) => `Read: ${w.name}. ${wantWords(w)}`),
      ...(step.passes && step.passes.join() !== 'final' ? [`Passes: ${step.passes.join(', ')}`] : []),
      ...(step.wait ? [`Then ${step.wait} min with no hands on it (${step.waitFor ?? 'rest'}).`] : []),
      ...(step.power ? [`Power: ${step.power}`] : []),
      ...(step.photo ? [`Photo: ${step.photo}`] : []),
    ],
    facts: [
      step.action,
      step.pose,
      step.tool?.id ?? '-',
      `${step.people}p`,
      `${step.fixings.length}f`,
      step.torque ? `${step.torque.value}Nm` : '-',
      step.passes?.join('+') ?? '-',
      step.power ?? '-',
      step.dead ? 'dead' : '-',
      step.check ?? '-',
      [...step.cautions].sort().join('+') || '-',
    ].join(' '),
  }
}

/** The walks of a machine as a page; the facts of each card stand in a comment beneath it. */
export function walkPage(file: MachineFile): string {
  const cards = (list: readonly WalkCard[]): readonly string[] =>
    list.flatMap((c) => [`**${c.head}**`, '', ...c.lines.map((l) => `- ${l}`), '', `<!-- ${c.facts} -->`, ''])
  return [
    `# ${file.name}: every card of every job`,
    '',
    'Made by `npm run walks`: what the card of each step says, in the order of the plan, questions that nobody has answered at their worst. A test compares',
    'what stands in the comments with what is planned; the words may be written better at any time.',
    '',
    ...walksOf(file).flatMap((w) => [
      `## ${w.job}`,
      '',
      ...(w.error ? [w.error, ''] : []),
      ...(w.tools.length > 0 ? [`On the bench: ${[...w.tools, ...w.consumables].join(', ')}.`, ''] : []),
      '### Down',
      '',
      ...cards(w.down),
      ...(w.swap.length > 0 ? ['### At the bottom', '', ...w.swap.map((s) => `- ${s}`), ''] : []),
      '### Up',
      '',
      ...cards(w.up),
    ]),
  ].join('\n')
}

/** The facts of a page, in order, each job under its name. */
export const factsOfPage = (page: string): readonly string[] =>
  page.split('\n').filter((line) => line.startsWith('## ') || line.startsWith('<!-- '))
