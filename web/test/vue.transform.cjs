/** Jest: a single-file component compiled to one module, its template in the script, its styles left out. */
const { compileScript, parse } = require('@vue/compiler-sfc')
const swc = require('@swc/jest').createTransformer({
  jsc: { parser: { syntax: 'typescript' }, target: 'es2023' },
  module: { type: 'commonjs' },
})

module.exports = {
  ...swc,
  process(code, path, options) {
    const { descriptor } = parse(code, { filename: path })
    const { content } = compileScript(descriptor, { id: path, inlineTemplate: true })
    return swc.process(content, `${path}.ts`, options)
  },
}
