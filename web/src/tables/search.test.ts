import { describe, expect, it } from 'vitest'
import type { StandardView } from '@/api/types'
import { rowsOfSize, search } from './search'

const cell = (text: string, inches: string | null = null) => ({ text, inches })
const tables: readonly StandardView[] = [
  {
    key: 'nuts',
    name: 'Hexagon nuts',
    source: '',
    note: '',
    columns: ['size', 'across flats'],
    rows: [
      { name: 'M6 nut', size: 'M6', cells: [cell('M6'), cell('10 mm', '25/64 in')] },
      { name: 'M8 nut', size: 'M8', cells: [cell('M8'), cell('13 mm')] },
    ],
  },
  {
    key: 'clearance-holes',
    name: 'Clearance holes',
    source: '',
    note: '',
    columns: ['size', 'fit'],
    rows: [{ name: 'M6 medium', size: 'M6', cells: [cell('M6'), cell('medium')] }],
  },
]

describe('searching tables', () => {
  it('finds rows by words of the row and of the table together', () => {
    expect(search(tables, 'nut 10').map((f) => f.row.name)).toEqual(['M6 nut'])
    expect(search(tables, 'M6').map((f) => f.row.name)).toEqual(['M6 nut', 'M6 medium'])
  })
  it('finds a fraction, and nothing for no words', () => {
    expect(search(tables, '25/64').map((f) => f.row.name)).toEqual(['M6 nut'])
    expect(search(tables, '  ')).toEqual([])
  })
  it('gathers what belongs to one size across tables', () => {
    expect(rowsOfSize(tables, 'M6').map((f) => f.table.key)).toEqual(['nuts', 'clearance-holes'])
  })
})
