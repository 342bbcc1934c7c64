import type { Task } from '../changeover/step.ts'
import type { Reader, Words } from './stepWords.ts'

/** Work on the machine itself, in words. */
export const CONVERSION_WORDS = {
  openCase: () => ({
    say: 'Open the case.',
    how: 'Plug out and in your sight, capacitors waited out. Follow the machine’s manual.',
  }),
  fitSolenoid: () => ({
    say: 'Fit the gas solenoid valve where the machine’s diagram puts it, arrow with the flow.',
    how: 'Its coil voltage must be the one the diagram gives: many are at mains voltage.',
  }),
  wireSolenoid: () => ({
    say: 'Have the solenoid coil wired by the machine’s diagram, by a competent electrician.',
    how: 'Unplugged. No measuring with the case open and power on.',
    why: 'Many coils are at mains voltage.',
  }),
  fitGasHose: () => ({
    say: 'Fit the gas hose from the inlet to the solenoid and on to the gun connector, clipped at both ends.',
    how: 'Hose rated for the gas, never fuel hose.',
  }),
  hoseOff: () => ({
    say: 'Take the gas hose off and cap the inlet.',
    how: 'Keep hose and clips together, labelled.',
  }),
  solenoidOut: () => ({
    say: 'Have the solenoid disconnected and taken out, its leads insulated, by a competent electrician.',
    how: 'Label it with the machine: it is the way back.',
  }),
  closeCase: () => ({
    say: 'Close the case, every screw.',
    why: 'Nothing is switched on with the case open.',
  }),
  clickTest: () => ({
    say: 'Press the trigger and listen for the click of the solenoid.',
    how: 'No gas connected, no wire in the rolls, gun in the air. No click: unplug, and have the wiring looked at.',
    why: 'A valve proved by its click costs nothing; a cylinder bought for a dead valve does.',
  }),
  connectGun: (r) => ({
    say: `Connect the ${r.t('kind') === 'spool-gun' ? 'spool gun’s' : r.t('kind') === 'push-pull' ? 'push-pull gun’s' : 'gun’s'} control plug${r.t('kind') === 'push' ? '' : ' and motor lead'}, and set the machine’s gun switch to it.`,
    how: 'Pushed home, no O-ring showing, knob tight.',
  }),
} satisfies Partial<Record<Task, (r: Reader) => Words>>
