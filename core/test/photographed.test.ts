import { photographed } from '../src/wire/photographed.ts'

describe('what a photographed box says', () => {
  test.each([
    [['WELDING WIRE AWS E71T-11 .035 in 10 lb'], 'E71T-11 .035 10 lb'],
    [['AWS ER70S.6 @ 1.0 mm KEEP DRY 15 kg'], 'ER70S-6 1.0 mm 15 kg'],
    [['AWS ER316LSi 31.0 mm 18 kg'], 'ER316LSi 1.0 mm 18 kg'],
    [['AWS E 70C-6M 0.9 kg', 'E70C-6M .045 in'], 'E70C-6M .045 0.9 kg'],
    [['AWS E71T- GS 0.8 mm'], 'E71T-GS 0.8 mm'],
    [['AWS ER4043 3/64 SHIELDING GAS 80/20 11 lb'], 'ER4043 3/64 11 lb'],
  ])('%j is %s', (readings, label) => expect(photographed(readings)).toBe(label))
  // Half a size, two sizes, two classes, a class that may go on: whoever holds the box is asked.
  test.each([
    [['AWS ER70S-6 2 mm 15 kg']],
    [['AWS ER70S-6 0.8 mm', 'AWS ER70S-6 0.6 mm']],
    [['AWS ER70S-6 0.8 mm', 'AWS ER70S-3 0.8 mm']],
    [['AWS E71T-1 .045']],
    [['AWS E71T-1 M .045']],
    [['']],
  ])('%j says too little to go by', (readings) =>
    expect(photographed(readings)).not.toMatch(/^E\S+ (?:\.\d{3}|\d\.\d mm)/),
  )
  test('a mass that is misread is left out: it is asked for, not guessed', () =>
    expect(photographed(['AWS E71T-11 .035 in 101b'])).toBe('E71T-11 .035'))
})
