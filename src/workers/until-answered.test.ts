import { expect, it } from 'vitest'
import { untilAnswered } from './until-answered'

it.each([
  ['answered', () => Promise.resolve(7)],
  ['failed', () => Promise.reject(new Error('no'))],
])('hands on what is told until it has %s, and nothing after it', async (_, end) => {
  const heard: number[] = []
  let late: (share: number) => void = () => undefined
  await untilAnswered(
    (share: number) => heard.push(share),
    (told) => {
      late = told
      told(0.3)
      return end()
    },
  ).catch(() => undefined)
  late(0.7)
  expect(heard).toEqual([0.3])
})
