import type { Test } from '../../core/diagnosis'
import { cautionsOf } from '../../words/en/cautions'

/** What may hurt in a test, the gravest first, and what goes wrong with it: read before anything is answered. */
export function TestCautions({ test }: { readonly test: Pick<Test, 'cautions' | 'trap'> }) {
  const cautions = cautionsOf(test.cautions ?? [])
  if (cautions.length === 0 && !test.trap) return null
  const grave = cautions[0]?.level === 'stop'
  return (
    <div className={`border-l-[6px] px-4 py-2.5 text-[16px] ${grave ? 'border-stop bg-stop-tint' : 'border-look bg-look-tint'}`}>
      {cautions.map(({ id, level, text }) => (
        <Line key={id} stop={level === 'stop'} text={text} />
      ))}
      {test.trap ? <Line stop={false} text={test.trap} /> : null}
    </div>
  )
}

function Line({ stop, text }: { readonly stop: boolean; readonly text: string }) {
  return (
    <p>
      <span aria-hidden className={`font-bold ${stop ? 'text-stop' : 'text-look'}`}>
        {stop ? '▲ ' : '◆ '}
      </span>
      {text}
    </p>
  )
}
