import { block, type Builder } from '../../work/work.ts'

export const outletGuideWork: Builder = ({ c, by, clear, todo, mustChange, at }) =>
  todo('outletGuide')
    ? [
        block(
          'outletGuide',
          by.outletGuide.rule === 'liner-to-be-led-up'
            ? c.fitted.outletGuide === null
              ? []
              : [at('outletGuideOut', 'outletGuide')]
            : [at(mustChange('outletGuide') ? 'outletGuideChange' : 'outletGuideSet', 'outletGuide')],
          clear,
        ),
      ]
    : []
