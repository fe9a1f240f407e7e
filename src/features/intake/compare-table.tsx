'use client'
import * as say from '../../words/en/screens/intake-sheets'
import type { Compared } from '../../core/machine'
import { valueWords } from '../../words/en/comparison'

export const MARK = {
  match: ['●', 'text-ok', say.fits],
  mismatch: ['▲', 'text-stop', say.differs],
  'not measured': ['◆', 'text-look', say.notMeasured],
} as const

/** The two as a table: what the old one has, what the new one has, and whether they go together. */
export function CompareTable({ rows }: { readonly rows: readonly Compared[] }) {
  return (
    <table className="w-full text-left text-[16px]">
      <thead className="narrow text-[14px] text-steel">
        <tr>
          <th className="py-1 pr-3">{say.what}</th>
          <th className="pr-3">{say.old}</th>
          <th className="pr-3">{say.newWord}</th>
          <th>{say.verdict}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.id} className="border-t border-rule align-baseline">
            <td className="py-1 pr-3">{r.name}</td>
            <td className="pr-3 tabular-nums">
              {valueWords(r.old, r.unit)}
              {r.oldFrom === 'machine file' ? <span className="text-[13px] text-steel"> {say.file}</span> : null}
            </td>
            <td className="pr-3 font-semibold tabular-nums">{valueWords(r.fresh, r.unit)}</td>
            <td className={`whitespace-nowrap ${MARK[r.verdict][1]}`}>
              {MARK[r.verdict][0]} {MARK[r.verdict][2]}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
