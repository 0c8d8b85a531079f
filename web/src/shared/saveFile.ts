/** Gives a file to the person, as the browser keeps files. */
export function saveFile(content: Blob, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  // The browser takes it a moment later.
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000)
}
