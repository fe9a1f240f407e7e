'use client'
import { useState } from 'react'
import * as say from '../../words/en/screens/shared'
import { faceOf, type Plug, type Side } from '../../core/harness'
import type { Connection } from '../../core/machine'
import { Board } from './board'
import { PlugFace } from './plug-face'

/** A connector’s face, pins by number in their own wires’ colours: from the wire side, and at a tap into its mouth. */
export function ConnectorFace({ connection }: { readonly connection: Plug & Pick<Connection, 'releaseHow'> }) {
  const [side, setSide] = useState<Side>('wire')
  const face = faceOf(connection, side)
  const by = Math.min(372 / face.width, 126 / face.height, 1.7)
  const said = connection.pins.map((p) => `${p.n} ${p.colour}, ${p.function}`).join('; ')
  // On a circle words would lie over each other: they stand below.
  const round = face.body === 'circle'
  const words = (n: number): string | null => (round ? null : (connection.pins.find((p) => p.n === n)?.function ?? null))
  return (
    <figure>
      <button
        type="button"
        aria-pressed={side === 'mating'}
        aria-label={side === 'wire' ? say.seenFromTheWire(connection.name, said) : say.seenIntoTheMouth(connection.name, said)}
        onClick={() => setSide(side === 'wire' ? 'mating' : 'wire')}
        className="block w-full rounded-lg"
      >
        <Board label={null} viewBox={`0 0 420 ${face.height * by + 36}`}>
          <PlugFace plug={connection} face={face} side={side} x={(420 - face.width * by) / 2} y={20} by={by} words={words} />
        </Board>
      </button>
      {round ? <p className="narrow mt-1 text-[14px]">{connection.pins.map((p) => `${p.n} ${p.function}`).join(' · ')}</p> : null}
      <figcaption className="mt-1 text-[14px] text-steel">
        {side === 'wire' ? say.fromTheWireSide(connection.keying, connection.releaseHow) : say.intoItsMouth}
      </figcaption>
    </figure>
  )
}
