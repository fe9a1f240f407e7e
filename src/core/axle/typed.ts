import type { Doubted } from '../doubt'
import { nearest } from '../text'
import { type Piece, type Purpose, PURPOSES } from './stack'

// A stack in words, outside in: `nut 10; washer 1.5; tab 3 up; frame 6; spacer 2 bevel in`. One reads it off a bench as it is written.

/** What of a piece is not the same on both faces, or round. */
export const FACES = ['bevel', 'flat', 'lip', 'key'] as const
/** Along the shaft, or across it as the machine stands on its wheels. */
export const TOWARD = ['in', 'out', 'up', 'down', 'forward', 'rearward'] as const
export type Face = (typeof FACES)[number]
export type Toward = (typeof TOWARD)[number]

/** A piece as it was keyed in: its width is text until it is read. */
export interface TypedPiece {
  readonly purpose: string
  readonly width: string
  readonly face?: Face
  readonly to?: Toward
  /** Turns between what is clamped: it has clearance, and counts for nothing. */
  readonly turns?: true
  /** Only pushed on: no nut holds it. */
  readonly free?: true
  /** Thread room in a cap nut, mm. */
  readonly room?: string
  /** Words that are none of it: kept, to be told. */
  readonly rest?: readonly string[]
}

/** A piece of a stack that was read, with which way it faces. */
export interface FacingPiece extends Piece {
  readonly purpose: Purpose
  readonly face?: Face
  readonly to?: Toward
  readonly room?: number
}

export interface StackFault {
  readonly why: 'no such piece' | 'no width' | 'not a width' | 'not a word of it' | 'two frames' | 'too many'
  /** Which piece, from 1; 0 of the whole. */
  readonly at: number
  readonly nearest: readonly string[]
}

const MOST_PIECES = 24
const MOST_WIDTH = 200

const isOf = <T extends string>(list: readonly T[], word: string): word is T => (list as readonly string[]).includes(word)
const NUMBER = /^\d+(?:[.,]\d+)?$/

/** Splits what was keyed in into pieces; what is no word of it stays where it is, to be told. */
export function typedPieces(text: string): readonly TypedPiece[] {
  return text
    .split(/[;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [purpose, ...words] = part.toLowerCase().split(/\s+/) as [string, ...string[]]
      const taken = new Set<number>()
      const take = (fits: (word: string, i: number) => boolean): string | undefined => {
        const i = words.findIndex((w, k) => !taken.has(k) && fits(w, k))
        if (i >= 0) taken.add(i)
        return words[i]
      }
      const roomWord = words.indexOf('room')
      const room = roomWord >= 0 && NUMBER.test(words[roomWord + 1] ?? '') ? words[roomWord + 1] : undefined
      if (room !== undefined) taken.add(roomWord).add(roomWord + 1)
      const known = (w: string): boolean => isOf(FACES, w) || isOf(TOWARD, w) || w === 'turns' || w === 'free'
      const width = take((w) => /^[-+]?[\d.,]/.test(w)) ?? take((w, i) => i === 0 && !known(w)) ?? ''
      const face = take((w) => isOf(FACES, w)) as Face | undefined
      const to = take((w) => isOf(TOWARD, w)) as Toward | undefined
      const turns = take((w) => w === 'turns')
      const free = take((w) => w === 'free')
      const rest = words.filter((_, i) => !taken.has(i))
      return {
        purpose,
        width: width.replace(/mm$/, ''),
        ...(face ? { face } : {}),
        ...(to ? { to } : {}),
        ...(turns ? { turns: true as const } : {}),
        ...(free ? { free: true as const } : {}),
        ...(room === undefined ? {} : { room }),
        ...(rest.length > 0 ? { rest } : {}),
      }
    })
}

/** The text of pieces: what `typedPieces` reads again. */
export const typedText = (pieces: readonly TypedPiece[]): string =>
  pieces
    .map((p) =>
      [p.purpose, p.width, p.face, p.to, p.turns && 'turns', p.free && 'free', p.room && `room ${p.room}`, ...(p.rest ?? [])]
        .filter((x) => x)
        .join(' '),
    )
    .join('; ')

/**
 * A stack that was keyed in, outside in. An empty text is a stack without pieces.
 * @param u standard uncertainty of each width, mm
 */
export function readStack(text: string, u = 0): { readonly pieces: readonly FacingPiece[] } | { readonly fault: StackFault } {
  const typed = typedPieces(text)
  if (typed.length > MOST_PIECES) return { fault: { why: 'too many', at: 0, nearest: [] } }
  const pieces: FacingPiece[] = []
  for (const [i, p] of typed.entries()) {
    const fault = (why: StackFault['why'], near: readonly string[] = []) => ({ fault: { why, at: i + 1, nearest: near } })
    const { purpose } = p
    if (!isOf(PURPOSES, purpose)) {
      const near = nearest(purpose, PURPOSES)
      return fault('no such piece', near ? [near] : [])
    }
    if (p.width === '') return fault('no width')
    if (p.rest) {
      const near = nearest(p.rest[0]!, [...FACES, ...TOWARD, 'turns', 'free', 'room'])
      return fault('not a word of it', near ? [near] : [])
    }
    const width = mmOf(p.width)
    const room = p.room === undefined ? undefined : mmOf(p.room)
    if (width === null || room === null) return fault('not a width')
    if (purpose === 'frame' && pieces.some((x) => x.purpose === 'frame')) return fault('two frames')
    const doubted: Doubted = { value: width, u }
    pieces.push({
      width: doubted,
      purpose,
      clamped: purpose !== 'seal' && p.free !== true,
      turns: p.turns === true,
      ...(p.face ? { face: p.face } : {}),
      ...(p.to ? { to: p.to } : {}),
      ...(room === undefined ? {} : { room }),
    })
  }
  return { pieces }
}

function mmOf(text: string): number | null {
  const value = NUMBER.test(text) ? Number(text.replace(',', '.')) : NaN
  return value > 0 && value <= MOST_WIDTH ? value : null
}

/** Pieces that carry a seal, and are marred by an edge. */
const SOFT: readonly Purpose[] = ['bearing', 'seal']

/** Is there a bevel that points at a bearing or seal beside it? It presses on the seal, and not on the ring. */
export const bevelAtSeal = (pieces: readonly FacingPiece[]): boolean =>
  pieces.some(
    (p, i) =>
      p.face === 'bevel' &&
      ((p.to === 'in' && SOFT.includes(pieces[i + 1]?.purpose ?? 'nut')) ||
        (p.to === 'out' && SOFT.includes(pieces[i - 1]?.purpose ?? 'nut'))),
  )
