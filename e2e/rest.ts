import type { Page } from '@playwright/test'

export interface AtRest {
  /** Words that can be seen without a touch: buttons and labels too, closed folds not. */
  words: number
  /** Blocks of more than `most` words, their first ones. */
  long: string[]
  /** The largest shares, for whoever shortens. */
  parts: [string, number][]
}

/** What a screen says at rest. Words are runs of letters and figures; legal text is told by its `data-legal`. */
export const atRest = (page: Page, most = 25): Promise<AtRest> =>
  page.evaluate((most) => {
    // Under an open dialog nobody reads.
    const dialog = [...document.querySelectorAll('[role=dialog]')].find((el) => el.checkVisibility())
    const seen = (el: Element) =>
      (!dialog || dialog.contains(el)) &&
      el.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
      !el.closest('.visually-hidden, .skip, [aria-hidden=true], svg')
    const count = (text: string) => text.match(/[\p{L}\p{N}][^\s]*/gu)?.length ?? 0
    const blocks = new Map<Element, string>()
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement
      if (!parent || !node.textContent?.trim() || !seen(parent)) continue
      const box = parent.getBoundingClientRect()
      if (box.width < 2 || box.height < 2) continue
      let block = parent
      while (
        block.parentElement &&
        /^inline/.test(getComputedStyle(block).display) &&
        block.tagName !== 'BUTTON'
      )
        block = block.parentElement
      blocks.set(block, `${blocks.get(block) ?? ''} ${node.textContent}`)
    }
    for (const field of document.querySelectorAll<HTMLInputElement>('input, textarea'))
      if (seen(field) && field.value && field.type !== 'checkbox' && field.type !== 'radio')
        blocks.set(field, field.value)
    const long: string[] = []
    const by = new Map<string, number>()
    let words = 0
    for (const [block, text] of blocks) {
      const n = count(text)
      words += n
      if (n > most && !block.closest('[data-legal]')) long.push(`${n}: ${text.trim().slice(0, 70)}`)
      const part =
        block
          .closest('[data-part], nav, header, section, article, table, details')
          ?.getAttribute('data-part') ??
        block.closest('nav, header, section, article, table, details, form')?.tagName ??
        'page'
      by.set(part, (by.get(part) ?? 0) + n)
    }
    return { words, long, parts: [...by].sort((a, b) => b[1] - a[1]).slice(0, 8) }
  }, most)
