import * as say from '../../words/en/screens/shared'
import type { Connection } from '../../core/machine'
import { Board, INK } from './board'

const WIRE: Readonly<Record<string, string>> = {
  red: '#c7362b',
  black: '#15181b',
  yellow: '#f0c534',
  green: '#2e9b57',
  blue: '#2f6fc0',
  white: '#f6f4ee',
  grey: '#8b949c',
  orange: '#e08430',
}

/** A connector's face seen from the wire side: pins by number, in their wires' own colours. */
export function ConnectorFace({ connection }: { readonly connection: Connection }) {
  const rows = connection.pins.length > 3 ? 2 : 1
  const per = Math.ceil(connection.pins.length / rows)
  return (
    <figure>
      <Board
        label={say.seenFromTheWire(connection.name, connection.pins.map((p) => `${p.n} ${p.colour}, ${p.function}`).join('; '))}
        viewBox={`0 0 420 ${rows === 2 ? 164 : 124}`}
      >
        <rect
          x="50"
          y="20"
          width="320"
          height={rows === 2 ? 136 : 94}
          rx="12"
          className="fill-[#3a4650] stroke-[#cfd6db]"
          strokeWidth="2"
        />
        {connection.keying ? <rect x="180" y="10" width="60" height="12" rx="3" className="fill-[#cfd6db]" /> : null}
        {connection.pins.map((pin, i) => {
          const cx = 54 + (316 / per) * ((i % per) + 0.5)
          const cy = 56 + Math.floor(i / per) * 60
          return (
            <g key={pin.n}>
              <circle cx={cx} cy={cy} r="17" fill={WIRE[pin.colour] ?? '#8b949c'} stroke="#f4f0e8" strokeWidth="2.5" />
              <text x={cx - 25} y={cy - 12} textAnchor="middle" className={`${INK.text} text-[13px]`}>
                {pin.n}
              </text>
              <text x={cx} y={cy + 33} textAnchor="middle" className={`${INK.text} text-[13.5px]`}>
                {pin.function}
              </text>
            </g>
          )
        })}
      </Board>
      <figcaption className="mt-1 text-[14px] text-steel">{say.fromTheWireSide(connection.keying, connection.releaseHow)}</figcaption>
    </figure>
  )
}
