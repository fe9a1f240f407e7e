import { describe, expect, it } from 'vitest'
import { dunlin } from '../../demo/machines/dunlin'
import { curlew } from '../../demo/machines/curlew'
import { answersBeside, answersFor, type Goal, goalsNamed, goalsOf, inOneGo, isNamed, toggleNamed, widthsOf } from './index'

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

describe('jobs of a machine that not every one of its kind can have done', () => {
  const file = curlew()
  const goal = (id: string): Goal => file.goals.find((g) => g.id === id)!
  const ids = (answered: Readonly<Record<string, string>>): string[] => goalsOf(file, answered).map((g) => g.id)

  it('are offered until an answer rules them out, and say what they take for granted', () => {
    expect(ids({})).toEqual(file.goals.map((g) => g.id))
    expect(ids({ assist: 'blanked' })).toEqual(['inspect', 'column-goal', 'fit-goal'])
    expect(ids({ assist: 'fitted' })).toEqual(file.goals.map((g) => g.id).filter((id) => id !== 'fit-goal'))
    expect(answersBeside(file, goal('fit-goal'), { horn: 'dash' })).toEqual({ assist: 'blanked' })
    expect(answersBeside(file, goal('fit-goal'), { assist: 'fitted' })).toBeNull()
    // The worst is taken for granted anyway.
    expect(answersBeside(file, goal('motor-goal'), {})).toEqual({})
    expect(answersBeside(file, goal('motor-goal'), { assist: 'blanked' })).toBeNull()
    expect(file.goals.filter((g) => Object.keys(answersFor(file, g)).length > 0).map((g) => g.id)).toEqual(['fit-goal'])
  })

  it('and so are its widths: a stay only where there is a motor', () => {
    expect(widthsOf(file, {}).map((w) => w.id)).toEqual(['assist-kit', 'motor-stay'])
    expect(widthsOf(file, { assist: 'blanked' }).map((w) => w.id)).toEqual(['assist-kit'])
  })
})
