import type { Shop } from './file.ts'
import { FILE_FORMAT, FILE_VERSION } from './version.ts'

/** The whole shop as text. @param savedAt ISO time, passed in */
export const writeShopFile = (shop: Shop, savedAt: string): string =>
  `${JSON.stringify({ format: FILE_FORMAT, version: FILE_VERSION, savedAt, ...shop }, null, 2)}\n`
