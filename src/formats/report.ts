export const REPORT_FORMAT = 'nailsmith-report/1'

/** A part of the page that goes home: sentences, a table, or both. `look` marks what the owner has to know. */
export interface ReportSection {
  readonly id: string
  readonly title: string
  readonly lines: readonly string[]
  readonly table?: { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] }
  readonly look?: boolean
  /** Photos that show it, with its letters at their points: shares of the width and the height. */
  readonly photos?: readonly {
    readonly photo: string
    readonly pins: readonly { readonly x: number; readonly y: number; readonly mark: string }[]
  }[]
}

export interface Report {
  readonly format: typeof REPORT_FORMAT
  /** Whose page it is; absent on pages of before that was written. */
  readonly shop?: string
  readonly job: string
  readonly machine: string
  readonly work: string
  readonly owner: string
  /** ISO 8601, UTC; of the hand back, else of the last entry. */
  readonly at: string
  readonly sections: readonly ReportSection[]
}

/** The page as Markdown (CommonMark with tables). What the people of the shop wrote is escaped, so that it cannot turn into markup. */
export function reportMarkdown(report: Report): string {
  const out = [
    ...(report.shop ? [`${plain(report.shop)}`, ''] : []),
    `# ${plain(report.machine)}: ${plain(report.work)}`,
    '',
    `Job ${plain(report.job)} · ${plain(report.owner)} · ${report.at.slice(0, 10)}`,
  ]
  for (const section of report.sections) {
    out.push('', `## ${plain(section.title)}`, '')
    for (const line of section.lines) out.push(`- ${plain(line)}`)
    if (section.table && section.table.rows.length > 0) {
      if (section.lines.length > 0) out.push('')
      const row = (cells: readonly string[]): string => `| ${cells.map((c) => plain(c).replaceAll('|', '\\|')).join(' | ')} |`
      out.push(row(section.table.head), row(section.table.head.map(() => '---')).replaceAll('\\', ''), ...section.table.rows.map(row))
    }
  }
  return `${out.join('\n')}\n`
}

/** The page as data. */
export function reportJson(report: Report): string {
  return `${JSON.stringify(report, null, 2)}\n`
}

const plain = (text: string): string => text.replace(/\s*\n\s*/g, ' ').replace(/([\\`*_{}[\]<>#])/g, '\\$1')
