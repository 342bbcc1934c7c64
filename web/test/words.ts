import * as english from '../../core/src/wording/en/index.ts'
import { chooseWords } from '../src/composables/useWords.ts'

chooseWords(english)
