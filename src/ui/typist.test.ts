import { describe, expect, it } from 'vitest'
import { typist } from './typist'

/** Keys, each so many ms after the one before; what was heard as figures, and which keys the page did not get. */
function typed(keys: readonly (readonly [key: string, after: number])[], inField = false) {
  const hears = typist()
  let at = 1000
  const heard = keys.map(([key, after]) => ({ key, ...hears(key, (at += after), inField) }))
  return { figures: heard.flatMap((h) => h.text ?? []), kept: heard.flatMap((h) => (h.keep ? [h.key] : [])) }
}
const each = (text: string, after = 8) => [...text].map((key) => [key, after] as const)

describe('what types like a keyboard', () => {
  it('is a figure where its letters come by themselves, up to Enter or Tab; none of it presses a button', () => {
    expect(typed([...each('41250 mV'), ['Enter', 8]])).toEqual({ figures: ['41250 mV'], kept: [' ', 'Enter'] })
    expect(typed([...each('OL'), ['Tab', 8]]).figures).toEqual(['OL'])
    expect(typed([...each('12.5'), ['Enter', 8], ['Shift', 900], ...each('13.5'), ['Enter', 8]]).figures).toEqual(['12.5', '13.5'])
  })
  it('is none where it paused in the middle, however short: the end of a figure is another figure', () => {
    for (const pause of [61, 120, 400])
      for (let cut = 1; cut < 8; cut++) {
        const keys = each('41250 mV').map(([key, after], i) => [key, i === cut ? pause : after] as const)
        expect(typed([...keys, ['Enter', 8]]).figures).toEqual([])
        // Its Enter presses nothing, whatever has the focus.
        expect(typed([...keys, ['Enter', 8]]).kept).toContain('Enter')
      }
    // Sent once more, it is taken.
    expect(typed([...each('41'), ['2', 90], ['Enter', 8], ['9', 900], ...each('.5'), ['Enter', 8]]).figures).toEqual(['9.5'])
  })
  it('is a hand where it is slow, short, without a digit, or in a field; that hand keeps its keys', () => {
    expect(typed([...each('41', 150), ['Enter', 150]])).toEqual({ figures: [], kept: [] })
    expect(
      typed([
        ['7', 900],
        ['Enter', 20],
      ]),
    ).toEqual({ figures: [], kept: [] })
    expect(typed([...each('no'), ['Enter', 8]])).toEqual({ figures: [], kept: [] })
    expect(typed([...each('41.2'), ['Enter', 8]], true)).toEqual({ figures: [], kept: [] })
    // What was begun before a field took its letters is no figure.
    const hears = typist()
    hears('4', 1000, false)
    hears('1', 1008, false)
    hears('2', 1016, true)
    expect(hears('Enter', 1024, false)).toEqual({ keep: true })
    expect(typed([[' ', 900]])).toEqual({ figures: [], kept: [] })
  })
})
