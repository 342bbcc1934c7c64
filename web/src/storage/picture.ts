/**
 * A picture drawn upright as it was held, turned by quarter turns, its longer side at most so many px.
 * @throws DOMException where the file is no picture
 */
export async function drawPicture(file: Blob, mostPx: number, quarters = 0): Promise<HTMLCanvasElement> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, mostPx / Math.max(picture.width, picture.height))
  const [w, h] = [picture.width * scale, picture.height * scale]
  const canvas = document.createElement('canvas')
  const across = quarters % 2 === 1
  canvas.width = Math.max(1, Math.round(across ? h : w))
  canvas.height = Math.max(1, Math.round(across ? w : h))
  const context = canvas.getContext('2d')!
  context.translate(canvas.width / 2, canvas.height / 2)
  context.rotate((quarters * Math.PI) / 2)
  context.drawImage(picture, -w / 2, -h / 2, w, h)
  picture.close()
  return canvas
}
