import * as say from '../../words/en/screens/tray'
import type { TrayRow } from '../../core/job'
import { PrintButton } from './print-button'

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** The tray on paper: what goes back in which order and where it lies, and a label for every bag. */
export function TrayPrint({
  jobId,
  number,
  machine,
  rows,
  at,
  bags,
}: {
  readonly jobId: string
  readonly number: string
  readonly machine: string
  readonly rows: readonly TrayRow[]
  readonly at: number
  /** The address of a bag, without its code. */
  readonly bags: string
}) {
  const labelled = rows.filter((r) => r.cells.length > 0 && !r.back)
  return (
    <main id="main" className="mx-auto max-w-[900px] bg-paper p-6 text-ink print:p-0">
      <div className="screen-only mb-4 flex gap-3">
        <PrintButton />
        <a className="inline-flex min-h-12 items-center underline underline-offset-4" href={`/jobs/${jobId}`}>
          {say.backToJob}
        </a>
      </div>
      <h1 className="title text-[26px]">{say.sheetTitle(number, machine)}</h1>
      <p className="text-[14px] text-steel">{say.printed(WHEN.format(at))}</p>
      {rows.length === 0 ? <p className="mt-4 text-[17px]">{say.nothingOff}</p> : null}
      {rows.length > 0 ? (
        <>
          <h2 className="title mt-4 text-[19px]">{say.inOrder}</h2>
          <table className="w-full border-collapse text-left text-[15px]">
            <thead>
              <tr>
                {say.columnsOf.map((c) => (
                  <th key={c} className="border-b-2 border-ink py-1 pr-3">
                    {c}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((r) => (
                <tr key={r.key} className={r.back ? 'text-steel line-through' : ''}>
                  <td className="border-b border-rule py-1 pr-3 tabular-nums">{r.number ?? ''}</td>
                  <td className="border-b border-rule py-1 pr-3">{r.what}</td>
                  <td className="border-b border-rule py-1 pr-3 tabular-nums">{r.pieces > 0 ? `${r.pieces} × ${r.label}` : ''}</td>
                  <td className="border-b border-rule py-1 pr-3 font-semibold">
                    {r.cells.join(', ') || (r.instead ? say.INSTEAD[r.instead] : '')}
                  </td>
                  <td className="border-b border-rule py-1 tabular-nums">{r.cells.length > 0 ? r.bag : ''}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : null}
      {labelled.length > 0 ? (
        <section className="break-before-page">
          <h2 className="title mt-6 text-[19px]">{say.labels}</h2>
          <ul className="grid grid-cols-3 gap-2">
            {labelled.map((r) => (
              <li key={r.key} className="break-inside-avoid border-2 border-dashed border-steel p-2 leading-tight">
                <p className="narrow text-[26px] font-semibold tracking-wide">{r.bag}</p>
                <p className="text-[16px] font-semibold">
                  {r.pieces} × {r.label}
                  {r.cells.length > 0 ? ` · ${r.cells.join(', ')}` : ''}
                </p>
                <p className="text-[14px]">{r.what}</p>
                <p className="text-[13px]">{machine}</p>
                <p className="break-all text-[12.5px]">
                  {bags}
                  {r.bag}
                </p>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </main>
  )
}
