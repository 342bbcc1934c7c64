/** Whether a field of a form says that it cannot be read; the first that does is gone to. */
export function refused(form: HTMLElement | undefined | null): boolean {
  const field = form?.querySelector<HTMLElement>('.v-input--error input, .v-input--error textarea')
  field?.focus()
  return field !== null && field !== undefined
}
