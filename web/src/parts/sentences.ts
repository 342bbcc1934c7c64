/** What is said in sentences, one by one: shown as lines that can be read at a glance. */
export const sentences = (text: string): string[] => text.split(/(?<=[.!?])\s+(?=\p{Lu})/u)
