import './zod.ts'
import './storage/early.ts'
import { chooseLanguage } from './messages/language.ts'

void chooseLanguage().then(() => import('./app.ts'))
