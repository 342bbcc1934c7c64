/** Modifiers alone say nothing. */
const MODIFIERS = ['Shift', 'Control', 'Alt', 'AltGraph', 'Meta', 'CapsLock', 'Fn', 'NumLock', 'ScrollLock']
/** Keys that a hand finds without looking. */
const NAMED = [' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown', 'ArrowLeft', 'ArrowUp']
/** What browser, system or the sheet itself needs is never a pedal. */
const TAKEN = ['Escape', 'Backspace', 'Tab', 'Unidentified', 'Dead', 'Process', ...MODIFIERS]

type Pressed = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey'>

/**
 * What a key does while one hand holds the wire: letters, digits, space, Enter, arrows, page down and the taught pedal
 * go on. Tab, function, volume and reload keys keep their own work.
 */
export function chainActs(event: Pressed, pedal: string | undefined): 'on' | 'back' | 'leave' | undefined {
  if (event.ctrlKey || event.metaKey || event.altKey) return undefined
  if (event.key === 'Escape') return 'leave'
  if (event.key === 'Backspace') return 'back'
  if (event.key === pedal || NAMED.includes(event.key)) return 'on'
  return /^[\p{L}\p{N}]$/u.test(event.key) ? 'on' : undefined
}

/** Whether a key may be taught as the pedal’s. */
export const canTeach = (event: Pressed): boolean =>
  !event.ctrlKey && !event.metaKey && !event.altKey && !TAKEN.includes(event.key) && event.key.length <= 40
