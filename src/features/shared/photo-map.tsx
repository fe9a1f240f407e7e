'use client'
import clsx from 'clsx'
import { type MouseEvent, type ReactNode, useState } from 'react'
import { PhotoView } from './photos'

/** One point of a photo, as it is drawn. */
export interface MapPin {
  readonly key: string
  readonly x: number
  readonly y: number
  /** What stands in it: a number, a letter. */
  readonly mark: string
  /** What it is, for whoever cannot see it. */
  readonly name: string
  /** The one that this is about; others are quiet. */
  readonly now?: boolean
  readonly draw?: 'arrow' | 'ring'
  readonly from?: { readonly x: number; readonly y: number }
}

/**
 * A photo with what lies at its points. Points are shares of the picture's width and height, whatever size it is shown at.
 * @param turned degrees clockwise
 * @param onPoint a tap on the picture, as a point of it
 */
export function PhotoMap({
  id,
  alt,
  pins,
  ask,
  turned = 0,
  tall = 300,
  onPoint,
  children,
}: {
  readonly id: string
  readonly alt: string
  /** What a tap on it says, where that is more than what it shows. */
  readonly ask?: string
  readonly pins: readonly MapPin[]
  readonly turned?: number
  readonly tall?: number
  readonly onPoint?: (x: number, y: number) => void
  readonly children?: ReactNode
}) {
  const [wide, setWide] = useState(380)
  const aside = Math.abs((((turned % 180) + 180) % 180) - 90) < 45
  const tap = (e: MouseEvent<HTMLElement>): void => {
    if (!onPoint) return
    // The event's own offset is in the frame of the picture, before it is turned.
    const { offsetX, offsetY, currentTarget: own } = { ...point(e), currentTarget: e.currentTarget }
    onPoint(share(offsetX, own.offsetWidth), share(offsetY, own.offsetHeight))
  }
  return (
    <div
      ref={(box) => {
        if (box && Math.abs(box.clientWidth - wide) > 1) setWide(box.clientWidth)
      }}
      className="grid place-items-center overflow-hidden rounded-lg bg-[#26313b]"
      style={{ height: tall }}
    >
      <div className="relative" style={turned === 0 ? {} : { transform: `rotate(${turned}deg)` }} data-turned={turned}>
        <PhotoView id={id} alt={alt} className="block" style={{ maxHeight: aside ? wide : tall, maxWidth: aside ? tall : wide }} />
        {onPoint ? <button type="button" aria-label={ask ?? alt} className="absolute inset-0 cursor-crosshair" onClick={tap} /> : null}
        <svg aria-hidden viewBox="0 0 100 100" preserveAspectRatio="none" className="pointer-events-none absolute inset-0 h-full w-full">
          {pins.map((p) =>
            p.draw === 'arrow' && p.from ? (
              <line
                key={p.key}
                x1={p.from.x * 100}
                y1={p.from.y * 100}
                x2={p.x * 100}
                y2={p.y * 100}
                stroke="#e08a52"
                strokeWidth={4}
                strokeLinecap="round"
                vectorEffect="non-scaling-stroke"
              />
            ) : null,
          )}
        </svg>
        {pins.map((p) => (
          <span
            key={p.key}
            role="img"
            aria-label={p.name}
            className={clsx(
              'narrow pointer-events-none absolute grid place-items-center rounded-full border-2 font-semibold leading-none',
              p.draw === 'ring' ? 'size-14 bg-transparent' : 'size-7 text-[14px]',
              p.now
                ? 'z-10 border-[#15202B] bg-[#e08a52] text-[#15202B]'
                : p.draw === 'ring'
                  ? 'border-[3px] border-[#e08a52]'
                  : 'border-[#15202B] bg-[#FBFAF6] text-[#15202B]',
            )}
            style={{
              left: `${p.x * 100}%`,
              top: `${p.y * 100}%`,
              transform: `translate(-50%, -50%)${turned === 0 ? '' : ` rotate(${-turned}deg)`}`,
            }}
          >
            {p.draw === 'ring' ? '' : p.mark}
          </span>
        ))}
        {children}
      </div>
    </div>
  )
}

const point = (e: MouseEvent<HTMLElement>): { readonly offsetX: number; readonly offsetY: number } =>
  // A key on the button has no place: the middle.
  e.detail === 0
    ? { offsetX: e.currentTarget.offsetWidth / 2, offsetY: e.currentTarget.offsetHeight / 2 }
    : { offsetX: e.nativeEvent.offsetX, offsetY: e.nativeEvent.offsetY }

/** Three decimals are a pixel of the largest photo and a half. */
const share = (x: number, of: number): number => Math.round(Math.min(1, Math.max(0, x / Math.max(1, of))) * 1000) / 1000
