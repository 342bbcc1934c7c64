/** Hands a text to the browser as a file to keep. */
export function download(name: string, text: string, type = 'application/json') {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  // The browser has taken the data once the click is handled.
  queueMicrotask(() => URL.revokeObjectURL(url))
}
