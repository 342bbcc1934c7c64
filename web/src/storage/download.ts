/** A name as part of a file’s name: letters and figures of any script. */
export const fileStem = (name: string): string => name.replace(/[^\p{L}\p{N}]+/gu, '-')

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
