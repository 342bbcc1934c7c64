/** Version of the file this program writes. Older ones migrate, newer ones are refused. */
export const FILE_VERSION = 2
export const FILE_FORMAT = 'pepperknot'
