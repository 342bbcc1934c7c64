import { expect, type Page } from '@playwright/test'
import { saidTwice } from '../core/test/saidOnce.ts'

export const WAIT_REASON = 'The plug was out long before'

/** Ends a wait by hand, with a reason. */
export async function endWait(page: Page) {
  await page.getByRole('button', { name: 'End the wait by hand' }).click()
  await page.getByRole('radio', { name: WAIT_REASON }).click()
  await page.getByRole('button', { name: 'End it, and write the reason down' }).click()
  await expect(page.getByTestId('wait')).toHaveCount(0)
}

/** Where the sheet stands: its number, or what the chain says. */
const standing = async (page: Page) =>
  page.evaluate(() => {
    const text = (part: string) => document.querySelector(`[data-part=${part}]`)?.textContent ?? ''
    return `${/(?:step|card) \d+ of \d+/.exec(text('head'))?.[0] ?? 'end'}|${document.querySelectorAll('[data-part=captive]').length}|${text('captive-on')}|${text('captive-hold')}`
  })

/** One press of the large button by its key, whatever it is: step done, hold point held, chain started or gone on with. */
export async function pressOn(page: Page, key = 'Space'): Promise<void> {
  if (await page.getByTestId('wait').isVisible()) await endWait(page)
  const before = await standing(page)
  // A chain takes no second press within a third of a second, and a hold point wants about one.
  const timeout = (await page.getByTestId('captive').count()) ? 300 : 2500
  await expect(async () => {
    if ((await standing(page)) !== before) return
    await page.keyboard.down(key)
    try {
      await expect.poll(() => standing(page), { intervals: [20, 50, 100], timeout }).not.toBe(before)
    } finally {
      await page.keyboard.up(key)
    }
  }).toPass({ intervals: [50] })
}

interface Measured {
  say: string
  faults: string[]
  parts: string[]
}

/** What is wrong with the sheet as it stands on the screen; nothing is scrolled. */
export const measureSheet = (page: Page): Promise<Measured> =>
  page.evaluate(async () => {
    // A width that was just changed is laid out first.
    for (let i = 0; i < 3; i++) await new Promise(requestAnimationFrame)
    const faults: string[] = []
    const find = (part: string) => document.querySelector<HTMLElement>(`[data-part=${part}]`)
    const text = (part: string) => find(part)?.innerText ?? ''
    const say = text('say') || text('chain-title')
    const bars = [...document.querySelectorAll<HTMLElement>('[data-part=buttons]')]
    if (bars.length === 0) faults.push('no button')
    for (const bar of bars) {
      const button = bar.querySelector<HTMLElement>('button:not(.side)')!
      const r = button.getBoundingClientRect()
      if (r.top < 0 || r.left < 0 || r.bottom > innerHeight || r.right > innerWidth)
        faults.push(`Done out of view: ${Math.round(r.top)}–${Math.round(r.bottom)} of ${innerHeight}`)
      for (const [x, y] of [
        [r.left + 6, r.top + 6],
        [r.right - 6, r.bottom - 6],
        [(r.left + r.right) / 2, (r.top + r.bottom) / 2],
      ] as const) {
        const over = document.elementFromPoint(x, y)
        if (!over || !(button.contains(over) || over.contains(button))) faults.push('Done is covered')
      }
      const b = bar.getBoundingClientRect()
      for (const read of document.querySelectorAll<HTMLElement>('[data-part=read], .read')) {
        const o = read.getBoundingClientRect()
        if (o.height && b.top < o.bottom - 1 && o.top < b.bottom - 1 && b.left < o.right && o.left < b.right)
          faults.push('Done covers what is read')
      }
    }
    const read = find('read')
    if (read) {
      const low = read.getBoundingClientRect().bottom
      for (const part of ['say', 'hazards'])
        if (find(part) && find(part)!.getBoundingClientRect().bottom > low + 1)
          faults.push(`${part} below the fold`)
    }
    for (const target of document.querySelectorAll<HTMLElement>(
      '[data-part=sheet] :is(button, a, summary, input, [role=combobox])',
    )) {
      // A field is its box, a tick its row.
      const box = target.closest<HTMLElement>('.v-field, .v-selection-control, .v-slider') ?? target
      const r = box.getBoundingClientRect()
      if (r.width === 0 || getComputedStyle(target).visibility === 'hidden') continue
      if (r.height < 63.5 || r.width < 63.5)
        faults.push(
          `target ${Math.round(r.width)}x${Math.round(r.height)}: ${(target.innerText || target.ariaLabel || target.tagName).slice(0, 30)}`,
        )
    }
    if (document.documentElement.scrollWidth > innerWidth) faults.push('wider than the screen')
    const lines = (part: string) =>
      [...(find(part)?.querySelectorAll<HTMLElement>('li') ?? [])].map((li) => li.innerText)
    return {
      say,
      faults,
      parts: [
        text('say'),
        ...lines('hazards'),
        text('how'),
        text('why').replace(/^Why: /, ''),
        text('guide'),
      ],
    }
  })

/** The same, with what is said twice. */
export async function wrongWithSheet(page: Page): Promise<string[]> {
  const { say, faults, parts } = await measureSheet(page)
  return [...faults, ...saidTwice(parts)].map((fault) => `${say.slice(0, 50)}: ${fault}`)
}
