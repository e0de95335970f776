import { describe, expect, it } from 'vitest'
import { isLetter, isTaken, type Pressed } from '../../../resources/js/shared/lib/useKeys'

const nowhere: Pressed = { key: 'Enter', tag: '', type: '', isEditable: false, isThrough: false, isBehind: false }

describe('keys of a page', () => {
  it.each<[string, Partial<Pressed>, boolean]>([
    ['Enter on nothing', {}, false],
    ['a letter in a text', { key: 'u', tag: 'INPUT', type: 'text' }, true],
    ['a digit in a number', { key: '3', tag: 'INPUT', type: 'number' }, true],
    ['Enter on a choice', { tag: 'INPUT', type: 'radio' }, true],
    ['an arrow on a choice', { key: 'ArrowDown', tag: 'INPUT', type: 'radio' }, true],
    ['Enter on a tick of what the page says yes to', { tag: 'INPUT', type: 'checkbox', isThrough: true }, false],
    ['Space on such a tick', { key: ' ', tag: 'INPUT', type: 'checkbox', isThrough: true }, true],
    ['Space on a tick', { key: ' ', tag: 'INPUT', type: 'checkbox' }, true],
    ['u on a slider', { key: 'u', tag: 'INPUT', type: 'range' }, false],
    ['Home on a slider', { key: 'Home', tag: 'INPUT', type: 'range' }, true],
    ['Enter on a link', { tag: 'A' }, true],
    ['Enter on a button', { tag: 'BUTTON' }, true],
    ['u on a button', { key: 'u', tag: 'BUTTON' }, false],
    ['Enter on a candidate', { tag: 'BUTTON', isThrough: true }, false],
    ['a list of choices', { key: 'ArrowDown', tag: 'SELECT' }, true],
    ['a text that is edited in place', { key: 'x', isEditable: true }, true],
    ['a digit behind a dialog', { key: '2', isBehind: true }, true],
    ['Enter on a candidate behind a dialog', { tag: 'BUTTON', isThrough: true, isBehind: true }, true],
    ['Escape behind a dialog', { key: 'Escape', isBehind: true }, false],
  ])('%s', (_, pressed, taken) => expect(isTaken({ ...nowhere, ...pressed })).toBe(taken))

  it('knows which keys write something', () => {
    expect(['u', '3', '/', '?', '+'].every(isLetter)).toBe(true)
    expect([' ', 'Enter', 'ArrowUp', 'Escape', 'Home'].some(isLetter)).toBe(false)
  })
})
