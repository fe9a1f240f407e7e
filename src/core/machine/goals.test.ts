import { describe, expect, it } from 'vitest'
import { dunlin } from '../../demo/machines/dunlin'
import { goalsNamed, inOneGo, isNamed, toggleNamed } from './index'

describe('several jobs to do, as a text', () => {
  it('are read however they are written, whole names only', () => {
    const names = (text: string): string[] => goalsNamed(dunlin(), text).map((g) => g.name)
    expect(names('front motor + rear motor')).toEqual(['front motor', 'rear motor'])
    expect(names(' Rear Motor+front tyre ')).toEqual(['front tyre', 'rear motor'])
    expect(names('front motor mount')).toEqual([])
    expect(names('')).toEqual([])
    expect(isNamed('core + lead + tyre', 'core + lead')).toBe(true)
    expect(isNamed('core + lead', 'lead + tyre')).toBe(false)
  })
  it('gain one and lose it again by a tap, with the rest as it was written', () => {
    for (const text of ['', 'front motor', 'Squeaks at the left', 'core + lead']) {
      const more = toggleNamed(text, 'rear tyre')
      expect(more).toBe(inOneGo([...(text ? [text] : []), 'rear tyre']))
      expect(toggleNamed(more, 'rear tyre')).toBe(text)
    }
    expect(toggleNamed('front motor + Rear Tyre + lead', 'rear tyre')).toBe('front motor + lead')
    expect(toggleNamed('rear tyre + lead', 'rear tyre')).toBe('lead')
  })
})
