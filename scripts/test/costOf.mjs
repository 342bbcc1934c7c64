/**
 * What a patch under docs/patches says of itself: how many files of the product it may edit, which tests it must pass,
 * which folders are copied first, and which files it touches.
 * @param {string} text
 */
export function costOf(text) {
  const head = (name) => [...text.matchAll(new RegExp(`^${name}: (.*)$`, 'gm'))].map(([, said]) => said)
  const files = [...text.matchAll(/^--- (?:a\/)?(.*)\n\+\+\+ b\/(.*)$/gm)]
  const edited = files.flatMap(([, from, to]) => (from === '/dev/null' ? [] : [to]))
  const isTest = (file) => /(?:^|\/)test\//.test(file)
  const [room = '', names = ''] = (head('Tests')[0] ?? '').split(': ')
  return {
    limit: Number(head('Existing files')[0]),
    room,
    tests: names.split(' ').filter(Boolean),
    copies: head('Copy').map((line) => line.split(' ')),
    /** Files of the product it edits. */
    existing: edited.filter((file) => !isTest(file)),
    /** Tables of the tests it edits besides. */
    tables: edited.filter(isTest),
    added: files.flatMap(([, from, to]) => (from === '/dev/null' ? [to] : [])),
  }
}
