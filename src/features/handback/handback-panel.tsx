'use client'
import * as say from '../../words/en/screens/handback'
import { useMemo } from 'react'
import { reduce } from '../../core/job'
import type { Report, ReportSection } from '../../formats/report'
import { clockText } from '../../ui/time'
import { useJob } from '../shared/context'
import { PhotoMap } from '../shared/photo-map'
import { useWords } from '../shared/use-words'
import { writeReport } from '../../formats/hand-back'

const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/**
 * The page as it stands; once handed back as it was printed then. One that has just gone home is drawn as the server keeps it:
 * later entries left out.
 */
export function useReport(): Report {
  const { state, file, view, nameOf, now, pages, settings } = useJob()
  const seq = state.handedBack?.seq
  const kept = pages.find((p) => p.seq === seq)?.body
  const frozen = useMemo(
    () =>
      seq === undefined || kept
        ? null
        : reduce(
            state.jobId,
            view.entries.filter((e) => e.seq <= seq),
          ),
    [seq, kept, state.jobId, view.entries],
  )
  // What was frozen here has ids until the file's words are put in, as `state` has had them.
  const worded = useWords(frozen ?? state, file) ?? state
  return (
    kept ??
    writeReport(worded, {
      nameOf,
      when: (at) => day.format(at),
      now: frozen?.handedBack?.at ?? (now || state.lastAt),
      shop: settings.shop,
    })
  )
}

/** The page that goes with the machine; prints on one side. */
export function HandBackPanel() {
  const { state, now, nameOf } = useJob()
  const report = useReport()
  return (
    <div
      role="region"
      aria-label={say.thePageThatGoes}
      tabIndex={0}
      className="overflow-y-auto bg-paper px-6 py-5 print:overflow-visible print:bg-white print:p-0 print:text-[11px] print:leading-tight"
    >
      <header className="mb-3 border-b-2 border-ink pb-2">
        {report.shop ? <p className="title text-[19px] print:text-[15px]">{report.shop}</p> : null}
        <p className="text-[15px] text-steel print:text-[11px]">{say.job(report.job, report.owner, date.format(new Date(report.at)))}</p>
        <h2 className="title text-[27px] print:text-[20px]">
          {report.machine} · {report.work}
        </h2>
      </header>
      <div className="print:columns-2 print:gap-6">
        {report.sections.map((s) => (
          <Part key={s.id} section={s} />
        ))}
      </div>
      {state.handedBack ? (
        <p className="mt-4 text-[17px] font-semibold print:text-[12px]">
          {say.handedBackAnd(state.handedBack.to, nameOf(state.handedBack.by), now, clockText(state.handedBack.at, now), state.addenda)}
        </p>
      ) : null}
      <dl className="mt-5 hidden grid-cols-2 gap-8 text-[11px] print:grid">
        {[say.forTheShop, say.received].map((name) => (
          <div key={name} className="border-t border-ink pt-1">
            {name}
          </div>
        ))}
      </dl>
      <p className="mt-3 hidden text-[10px] text-steel print:block">{say.theMakersManual}</p>
    </div>
  )
}

function Part({ section }: { readonly section: ReportSection }) {
  return (
    <section
      className={`${section.look ? 'my-3 border-l-[6px] border-look bg-look-tint px-4 py-2 print:border-l-2' : 'mb-3'} print:my-1.5 print:break-inside-avoid print:py-0.5${section.table && section.table.rows.length > 0 ? ' print:[column-span:all]' : ''}`}
    >
      <h3
        className={section.id === 'not checked' ? 'title text-[18px] print:text-[13px]' : 'narrow text-[15px] text-steel print:text-[11px]'}
      >
        {section.title}
      </h3>
      {section.lines.length > 0 ? (
        <ul>
          {section.lines.map((line, i) => (
            <li key={i} className="text-[16.5px] print:text-[11px]">
              {section.look ? '◆ ' : ''}
              {line}
            </li>
          ))}
        </ul>
      ) : null}
      {section.photos?.map((p) => (
        <div key={p.photo} className="my-2 max-w-[420px] print:max-w-[60mm]">
          <PhotoMap id={p.photo} alt={section.title} tall={220} pins={p.pins.map((pin) => ({ ...pin, key: pin.mark, name: pin.mark }))} />
        </div>
      ))}
      {section.table && section.table.rows.length > 0 ? (
        <div className="overflow-x-auto">
          <table className="w-full text-left text-[15.5px] print:text-[10px]">
            <thead className="narrow text-[13.5px] text-steel print:text-[9.5px]">
              <tr>
                {section.table.head.map((h) => (
                  <th key={h} className="py-0.5 pr-3 font-normal">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {section.table.rows.map((row, i) => (
                <tr key={i} className="border-t border-rule align-baseline">
                  {row.map((cell, k) => (
                    <td key={k} className={cell.length <= 22 ? 'py-0.5 pr-3 md:whitespace-nowrap' : 'py-0.5 pr-3'}>
                      {cell}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ) : null}
    </section>
  )
}
