/** A name as part of a file’s name: letters and figures of any script. */
export const fileStem = (name: string): string =>
  [...name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '')].slice(0, MOST_STEM).join('')
/** A file system takes 255 bytes; a letter may be four of them. */
const MOST_STEM = 50

/** Hands a file to the browser to keep. */
export function downloadBlob(name: string, blob: Blob) {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  // The browser has taken the data once the click is handled.
  queueMicrotask(() => URL.revokeObjectURL(url))
}
/** Hands a text to the browser as a file to keep. */
export const download = (name: string, text: string, type = 'application/json') =>
  downloadBlob(name, new Blob([text], { type }))
