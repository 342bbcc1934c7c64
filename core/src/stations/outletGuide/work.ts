import { block, type Builder } from '../../work/work.ts'

export const outletGuideWork: Builder = ({ clear, todo, mustChange, at }) =>
  todo('outletGuide')
    ? [
        block(
          'outletGuide',
          [at(mustChange('outletGuide') ? 'outletGuideChange' : 'outletGuideSet', 'outletGuide')],
          clear,
        ),
      ]
    : []
