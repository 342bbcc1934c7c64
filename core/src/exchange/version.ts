/** Version of the file this program writes. Older ones migrate, newer ones are refused. */
export const FILE_VERSION = 1
export const FILE_FORMAT = 'pepperknot'
