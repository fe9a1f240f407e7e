import { FAMILIES, type Face, type Plug, type Side } from '../../core/harness'
import { INK } from './board'
import { onWire, wireInks } from './wires'

/** A plug’s face in a drawing, from `x`, `y` on and `by` times its size: its body, its latch, its pins in their wires’ colours. */
export function PlugFace({
  plug,
  face,
  side,
  x,
  y,
  by,
  words,
}: {
  readonly plug: Plug
  readonly face: Face
  readonly side: Side
  readonly x: number
  readonly y: number
  readonly by: number
  /** What is written under a pin; nothing for null. */
  readonly words: (n: number) => string | null
}) {
  const { holds } = FAMILIES[face.family]
  const [w, h] = [face.width * by, face.height * by]
  return (
    <g transform={`translate(${x} ${y})`}>
      {holds === 'latch' ? <rect x={w / 2 - 26} y={-9} width={52} height={11} rx={3} className="fill-[#cfd6db]" /> : null}
      {holds === 'lever' || holds === 'handle' ? (
        <path d={`M 10 0 V -12 H ${w - 10} V 0`} fill="none" className="stroke-[#cfd6db]" strokeWidth={6} />
      ) : null}
      {face.body === 'box' ? <rect width={w} height={h} rx={10} className="fill-[#3a4650] stroke-[#cfd6db]" strokeWidth={2} /> : null}
      {face.body === 'circle' ? (
        <circle cx={w / 2} cy={h / 2} r={w / 2} className="fill-[#3a4650] stroke-[#cfd6db]" strokeWidth={2} />
      ) : null}
      {face.pins.map((seat) => {
        const pin = plug.pins.find((p) => p.n === seat.n)!
        const [ink, second] = wireInks(pin.colour)
        const [cx, cy, r] = [seat.x * by, seat.y * by, seat.r * by]
        const mouth = side === 'mating' || seat.form === 'ring'
        // From the wires one sees the wire; into the mouth a contact, ringed in its wire’s colour.
        const look = mouth ? { fill: '#10151a', stroke: ink, strokeWidth: 4 } : { fill: ink, stroke: '#f4f0e8', strokeWidth: 2 }
        const text = words(seat.n)
        return (
          <g key={seat.n}>
            {seat.form === 'square' ? (
              <rect x={cx - r} y={cy - r} width={2 * r} height={2 * r} rx={3} {...look} />
            ) : seat.form === 'blade' ? (
              <rect x={cx - r / 3} y={cy - r} width={(2 * r) / 3} height={2 * r} rx={2} {...look} />
            ) : (
              <circle cx={cx} cy={cy} r={r} {...look} />
            )}
            {second ? <path d={`M ${cx - r} ${cy} a ${r} ${r} 0 0 0 ${2 * r} 0 z`} fill={second} /> : null}
            <text
              x={cx}
              y={cy + 4.5}
              textAnchor="middle"
              className="text-[12.5px] font-bold"
              fill={mouth || seat.form === 'blade' ? '#f6f4ee' : onWire(pin.colour)}
            >
              {seat.n}
            </text>
            {text ? (
              <text x={cx} y={cy + r + 17} textAnchor="middle" className={`narrow ${INK.text} text-[12.5px]`}>
                {text}
              </text>
            ) : null}
          </g>
        )
      })}
    </g>
  )
}
