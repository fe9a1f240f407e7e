import { CAUTION_IDS, CAUTION_SHEETS, CAUTION_LEVELS, type CautionId, cautionsOfTurn, cautionsOn, isHigh } from '../core/cautions'
import { answersFor, type Goal, type MachineFile } from '../core/machine'
import { plan, type PlannedStep } from '../core/planning'
import { cautionOf, sheetWords } from '../words/en/cautions'

interface Fired {
  readonly down: number
  readonly up: number
  readonly turns: number
}

/** How often each caution stands on a card of a job, unanswered questions at their worst; none of a job that cannot be planned. */
function cautionsOfJob(file: MachineFile, goal: Goal): ReadonlyMap<CautionId, Fired> {
  const found = plan(file, 'untouched', [goal.id], { variants: answersFor(file, goal) })
  if (!found.ok) return new Map()
  const { down, up } = found.value
  const named = (steps: readonly PlannedStep[], id: CautionId): number => steps.filter((s) => s.cautions.includes(id)).length
  const turned = [...down.steps, ...up.steps].flatMap((s) => (s.turn ? [cautionsOfTurn(file, s.turn.by ?? [])] : []))
  return new Map(
    CAUTION_IDS.flatMap((id) => {
      const fired = { down: named(down.steps, id), up: named(up.steps, id), turns: turned.filter((t) => t.includes(id)).length }
      return fired.down + fired.up + fired.turns > 0 ? [[id, fired] as const] : []
    }),
  )
}

const cell = (fired: Fired | undefined): string =>
  fired ? [fired.down && `${fired.down} ↓`, fired.up && `${fired.up} ↑`, fired.turns && `${fired.turns} ↻`].filter(Boolean).join(' ') : ''

/** Which caution stands where: machine by machine, each job a column; then the sheets that tell them. Markdown. */
export function cautionTables(files: readonly MachineFile[]): string {
  const tables = files.map((file) => {
    const jobs = file.goals.map((g) => cautionsOfJob(file, g))
    const rows = CAUTION_IDS.filter((id) => jobs.some((job) => job.has(id)))
    return `## ${file.name}

| | caution | ${file.goals.map((g) => g.name).join(' | ')} |
|---|---|${file.goals.map(() => '---|').join('')}
${rows.map((id) => `| ${mark(id)} ${id} | ${cautionOf(id).text} | ${jobs.map((job) => cell(job.get(id))).join(' | ')} |`).join('\n')}
`
  })
  const told = (sheet: (typeof CAUTION_SHEETS)[number], id: CautionId): string =>
    files
      .filter((f) => cautionsOn(sheet, f, isHigh(f)).includes(id))
      .map((f) => f.name)
      .join(', ')
  const sheets = CAUTION_SHEETS.flatMap((sheet) =>
    CAUTION_IDS.filter((id) => told(sheet, id) !== '').map(
      (id) =>
        `| ${sheetWords(sheet)} | ${mark(id)} ${id} | ${cautionOf(id).text} | ${files.every((f) => cautionsOn(sheet, f, isHigh(f)).includes(id)) ? 'every one' : told(sheet, id)} |`,
    ),
  )
  return `# Cautions: which stands where

Made by \`npm run tables\`; a test keeps it true. ▲ stops the hand, ◆ is looked at. How many cards of a job tell it: ↓ on the way down, ↑ on the
way up, ↻ as the machine is turned.

${tables.join('\n')}
## On sheets

| sheet | | caution | machines |
|---|---|---|---|
${sheets.join('\n')}
`
}

const mark = (id: CautionId): string => (CAUTION_LEVELS[id] === 'stop' ? '▲' : '◆')
