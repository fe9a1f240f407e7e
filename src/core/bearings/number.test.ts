import { describe, expect, it } from 'vitest'
import { compareNumber } from './number'

const said = (text: string, wanted = '6002-2RS') => {
  const read = compareNumber(wanted, text)
  return read?.is === 'other' ? read.in : (read?.is ?? null)
}

describe('a number read off a bearing', () => {
  it('is the same however it is written, and nothing where nothing was read', () => {
    for (const text of ['6002-2RS', '6002 2rs1', '6002.2RSR', ' 6002-2RS ']) expect(said(text), text).toBe('same')
    for (const text of ['', '  ']) expect(said(text)).toBeNull()
    expect(said('HK1012', 'HK1012')).toBe('same')
  })
  it('is another in what matters most: its size before its kind, its clearance before its seals', () => {
    expect(said('6003-2RS')).toBe('size')
    expect(said('6003 C3')).toBe('size')
    expect(said('HK1512')).toBe('size')
    expect(said('6002-2RS C3')).toBe('clearance')
    expect(said('6002 C3')).toBe('clearance')
    expect(said('6002-2Z')).toBe('seals')
    expect(said('6002')).toBe('seals')
    expect(compareNumber('6002-2RS', '6003')).toMatchObject({ read: { size: [17, 35, 10] }, wanted: { size: [15, 32, 9] } })
  })
  it('that is none names the nearest that are; a wanted one that is none says nothing', () => {
    expect(compareNumber('6002-2RS', '6020')).toMatchObject({ is: 'not made' })
    expect((compareNumber('6002-2RS', '602') as { nearest: readonly string[] }).nearest.length).toBeGreaterThan(0)
    expect(compareNumber('no bearing', '6002')).toBeNull()
  })
})
