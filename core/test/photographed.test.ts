import { photographed } from '../src/wire/photographed.ts'

describe('what a photographed box says', () => {
  test.each([
    [['WELDING WIRE AWS E71T-11 .035 in 10 lb'], 'E71T-11 .035 10 lb'],
    [['AWS ER70S.6 @ 1.0 mm KEEP DRY 15 kg'], 'ER70S-6 1.0 mm 15 kg'],
    [['AWS ER316LSi 31.0 mm 18 kg'], 'ER316LSi 1.0 mm 18 kg'],
    [['AWS E 70C-6M 0.9 kg', 'E70C-6M .045 in'], 'E70C-6M .045 0.9 kg'],
    [['AWS E71T- GS 0.8 mm'], 'E71T-GS 0.8 mm'],
    [['AWS ER4043 3/64 SHIELDING GAS 80/20 11 lb'], 'ER4043 3/64 11 lb'],
  ])('%j is %s', (readings, label) => expect(photographed(readings).text).toBe(label))
  // Half a size, two sizes, two classes, a class that may go on: whoever holds the box is asked.
  test.each([
    [['AWS ER70S-6 2 mm 15 kg']],
    [['AWS ER70S-6 0.8 mm', 'AWS ER70S-6 0.6 mm']],
    [['AWS ER70S-6 0.8 mm', 'AWS ER70S-3 0.8 mm']],
    [['AWS E71T-1 .045']],
    [['AWS E71T-1 M .045']],
    [['']],
  ])('%j says too little to go by', (readings) =>
    expect(photographed(readings).text).not.toMatch(/^E\S+ (?:\.\d{3}|\d\.\d mm)/),
  )
  test('a mass that is misread is left out: it is asked for, not guessed', () =>
    expect(photographed(['AWS E71T-11 .035 in 101b'])).toEqual({ text: 'E71T-11 .035', misread: ['101b'] }))
  test('what a camera makes of the sign for a diameter belongs to no classification', () => {
    for (const [read, says] of [
      ['AWS ER404392 1.0 mm', 'ER4043 1.0 mm'],
      ['AWS ER70S-63 1.0 mm', 'ER70S-6 1.0 mm'],
      ['AWS E71T-GS J 0.9 mm', 'E71T-GS 0.9 mm'],
      ['AWS E R3 16 LS i .045', 'ER316LSi .045'],
      ['AWSIE71T-11 .030', 'E71T-11 .030'],
      ['AWS E71T-1M1/16', 'E71T-1M 1/16'],
    ] as const)
      expect([read, photographed([read]).text]).toEqual([read, says])
    // With it and without it a name: E71T-12 is one of its own.
    expect(photographed(['AWS E71T-12 1.2 mm']).text).not.toBe('E71T-1 1.2 mm')
    expect(photographed(['ER316, s; 1.0 mm']).text).not.toBe('ER316 1.0 mm')
  })
})
