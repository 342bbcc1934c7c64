import type { Content } from 'pdfmake/interfaces'
import type { CardView } from './useCard.ts'

interface Said {
  title: string
  date: string
  on: string
  care: readonly string[]
}
/** Points of a letter whose capitals stand 10 mm high. */
const READ_AT_TWO_METRES = 40

/** The card as a PDF of one page, always dark on white; the library and its letters come with the first one. */
export async function cardPdf(view: CardView, code: string, said: Said): Promise<Blob> {
  const [{ default: pdfMake }, { default: fonts }] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ])
  const figure = ({ name, value, known }: CardView['figures'][number]): Content => ({
    stack: [
      { text: name, fontSize: 11, color: '#444' },
      { text: value, fontSize: known ? READ_AT_TWO_METRES : 16, bold: known },
    ],
    margin: [0, 0, 0, 8],
  })
  const [volts, speed, flow, mark] = view.figures.map(figure) as [Content, Content, Content, Content]
  const maker = pdfMake as unknown as {
    addVirtualFileSystem: (files: unknown) => void
    createPdf: (definition: object) => { getBlob: () => Promise<Blob> }
  }
  maker.addVirtualFileSystem(fonts)
  return maker
    .createPdf({
      info: { title: said.title },
      pageSize: 'A4',
      pageMargins: [42, 42, 42, 42],
      defaultStyle: { fontSize: 11 },
      content: [
        { text: view.machine, fontSize: 24, bold: true },
        { text: view.wire, fontSize: 20, bold: true },
        { text: [said.date, said.on].filter(Boolean).join('. '), color: '#444', margin: [0, 2, 0, 12] },
        { columns: [volts, speed] },
        { columns: [flow, mark] },
        {
          columns: [
            {
              table: {
                widths: ['auto', '*'],
                body: view.stations.map(({ name, text }) => [
                  { text: name, color: '#444' },
                  { text, bold: true },
                ]),
              },
              layout: 'lightHorizontalLines',
            },
            { qr: code, fit: 170, eccLevel: 'M', mode: 'alphanumeric', width: 180, margin: [10, 0, 0, 0] },
          ],
        },
        { text: said.care.join(' '), fontSize: 9, color: '#444', margin: [0, 14, 0, 0] },
      ],
    })
    .getBlob()
}
