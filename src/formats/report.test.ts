import { describe, expect, it } from 'vitest'
import { calendarFile } from './calendar'
import { REPORT_FORMAT, type Report, reportJson, reportMarkdown } from './report'

const REPORT: Report = {
  format: REPORT_FORMAT,
  job: '0412',
  machine: 'Dunlin no. 7',
  work: 'front motor',
  owner: 'pool',
  at: '2026-03-18T12:00:00.000Z',
  sections: [
    { id: 'in', title: 'It came in because', lines: ['*jerks*, <b>won’t</b> start\noff'] },
    { id: 'torque', title: 'Tightened', lines: [], table: { head: ['What', 'To'], rows: [['nut | left', '45 N·m']] } },
  ],
}

describe('the page that goes home', () => {
  it('is Markdown in which nothing that was typed becomes markup', () => {
    const text = reportMarkdown(REPORT)
    expect(text).toContain('# Dunlin no. 7: front motor')
    expect(text).toContain('- \\*jerks\\*, \\<b\\>won’t\\</b\\> start off')
    expect(text).toContain('| What | To |\n| --- | --- |\n| nut \\| left | 45 N·m |')
  })
  it('is data that reads back the same', () => expect(JSON.parse(reportJson(REPORT))).toEqual(REPORT))
})

describe('the calendar', () => {
  it('has one all-day event for each date', () => {
    const file = calendarFile(
      [
        { what: 'nut marks, both ends', on: '2026-12-24', about: 'Dunlin no. 7; job 0412' },
        { what: 'tyres', on: '2027-01-02', about: '' },
      ],
      '0412',
    )
    const text = file.ok ? file.value : ''
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(2)
    expect(text).toContain('DTSTART;VALUE=DATE:20261224')
    expect(text).toContain('SUMMARY:nut marks\\, both ends')
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/)
  })
  it('says so when a date is none', () => expect(calendarFile([{ what: 'x', on: '2026-13-40', about: '' }], '1').ok).toBe(false))
})
