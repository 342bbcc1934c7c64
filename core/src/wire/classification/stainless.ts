/** Stainless filler alloys as AWS A5.9, A5.22 and system B of ISO 14343 number them. published: recalled from memory. */
export const STAINLESS_ALLOYS = [
  ...['209', '218', '219', '240', '307', '307Si'],
  ...['308', '308H', '308L', '308Mo', '308LMo', '308Si', '308LSi', '308HSi'],
  ...['309', '309L', '309Si', '309LSi', '309Mo', '309LMo', '309LNb', '310', '312'],
  ...['316', '316H', '316L', '316Si', '316LSi', '316LMn', '317', '317L', '318', '318Si'],
  ...['320', '320LR', '330', '347', '347Si', '347L', '383', '385'],
  ...['409', '409Nb', '410', '410NiMo', '420', '430', '430Nb', '439', '446LMo', '630'],
  ...['16-8-2', '19-10H', '2209', '2307', '2553', '2594'],
]

/** What joins a stainless parent metal that people name by mistake. published: handbook filler charts, recalled. */
export const FILLER_FOR_STAINLESS: Readonly<Record<string, string>> = {
  '201': '308L',
  '301': '308L',
  '302': '308L',
  '303': '308L',
  '304': '308L',
  '304L': '308L',
  '304H': '308H',
  '321': '347',
  '2205': '2209',
}

/** An alloy as the table prints it, `308LSi`, whatever case and hyphens it came in. */
export const stainlessAlloy = (text: string): string | undefined =>
  STAINLESS_ALLOYS.find((a) => a.toUpperCase() === text)

/** The same, forgiving hyphens, for the likely meaning of a malformed one. */
export const likelyStainless = (text: string): string | undefined =>
  STAINLESS_ALLOYS.find((a) => a.toUpperCase().replaceAll('-', '') === text.replaceAll('-', ''))
