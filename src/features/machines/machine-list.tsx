import * as grown from '../../words/en/screens/grown'
import * as say from '../../words/en/screens/machines'
import { Link } from '../../ui/link'
import { PutIn } from './put-in'

export interface MachineListProps {
  readonly machines: readonly { readonly id: string; readonly name: string; readonly class: string; readonly revision: string }[]
  readonly mayPutIn: boolean
  /** What grew from jobs, and nobody has taken yet. */
  readonly drafts: readonly { readonly jobId: string; readonly name: string; readonly number: string }[]
}

/** Every machine that the shop has a file of. */
export function MachineList({ machines, mayPutIn, drafts }: MachineListProps) {
  return (
    <main id="main" className="mx-auto max-w-[980px] px-5 pb-12">
      <h1 className="title py-4 text-[28px]">{say.machinesWithAFile}</h1>
      {machines.length === 0 ? (
        <p className="text-[17px]">{say.noneYetAMachine}</p>
      ) : (
        <ul>
          {machines.map((m) => (
            <li key={m.id} className="border-t border-rule">
              <Link
                href={`/machines/${encodeURIComponent(m.id)}`}
                className="flex min-h-16 items-center justify-between gap-3 text-[18px] hover:bg-paper"
              >
                <span className="title text-[21px]">{m.name}</span>
                <span className="text-[15.5px] text-steel">
                  {say.revision(m.class, m.revision)} <span aria-hidden>▸</span>
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      {drafts.length > 0 ? (
        <section className="mt-4">
          <h2 className="title text-[21px]">{grown.toLookOver}</h2>
          <ul>
            {drafts.map((d) => (
              <li key={d.jobId} className="border-t border-rule">
                <Link href={`/machines/from/${d.jobId}`} className="flex min-h-14 items-center text-[18px] hover:bg-paper">
                  {grown.draftOf(d.name, d.number)} <span aria-hidden>▸</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <p className="border-t border-rule pt-2">
        <Link href="/words" className="inline-flex min-h-12 items-center text-[17px] font-semibold underline underline-offset-4">
          {say.whatThingsAreCalled}
        </Link>
      </p>
      {mayPutIn ? <PutIn /> : null}
    </main>
  )
}
