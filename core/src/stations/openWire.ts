import type { Station } from '../machine/stations.ts'

/** What a wire of unknown kind leaves open: it is asked of the box, not of the machine. */
export const ASKED_OF_THE_BOX: readonly Station[] = ['polarity', 'gas', 'gasFlow']
