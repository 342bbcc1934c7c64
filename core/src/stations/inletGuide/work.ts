import { block, type Builder } from '../../work/work.ts'

export const inletGuideWork: Builder = ({ clear, todo, mustChange, at }) =>
  todo('inletGuide')
    ? [
        block(
          'inletGuide',
          [at(mustChange('inletGuide') ? 'inletGuideChange' : 'inletGuideSet', 'inletGuide')],
          clear,
        ),
      ]
    : []
