import { type Delivered, miscount } from '../../core/job'

/** `all there`, or what is short and what is over. */
export function deliveryWords(items: readonly Delivered[]): string {
  const { short, over } = miscount(items)
  return [...(short.length > 0 ? [`short of ${short.join(', ')}`] : []), ...(over.length > 0 ? [`${over.join(', ')} more than asked for`] : [])].join('; ') || 'all there'
}
