import { type Delivered, miscount } from '../../core/job'

/** `2 × cable tie` for each thing of which fewer came than should. */
export const shortWords = (items: readonly Delivered[]): string[] => miscount(items).short.map((i) => `${i.expected - i.found} × ${i.name}`)

/** `all there`, or what is short and what is over. */
export function deliveryWords(items: readonly Delivered[]): string {
  const short = shortWords(items)
  const over = miscount(items).over.map((i) => `${i.found - i.expected} × ${i.name}`)
  return (
    [
      ...(short.length > 0 ? [`short of ${short.join(', ')}`] : []),
      ...(over.length > 0 ? [`${over.join(', ')} more than asked for`] : []),
    ].join('; ') || 'all there'
  )
}
