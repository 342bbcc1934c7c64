import type { Shop } from './file.ts'

/** Version of the file this program writes. Older ones migrate, newer ones are refused. */
export const FILE_VERSION = 1
export const FILE_FORMAT = 'pepperknot'

/** The whole shop as text. @param savedAt ISO time, passed in */
export const writeShopFile = (shop: Shop, savedAt: string): string =>
  `${JSON.stringify({ format: FILE_FORMAT, version: FILE_VERSION, savedAt, ...shop }, null, 2)}\n`
