/** Every word of the interface that is not the trade's own; those stand in core's wording. */
export const en = {
  app: {
    skip: 'Skip to the work', loading: 'Opening the shop…', undo: 'Undo', close: 'Close', save: 'Save', cancel: 'Cancel',
    defer:
      'Pepper Knot advises. The machine’s and the wire maker’s instructions, local electrical and fire codes and licensed practice come first. Unplug before touching polarity studs or wiring; capacitors hold charge. Ventilate, more for flux-cored and far more for galvanised or stainless; argon and CO2 displace air in closed spaces. Never clean parts or plate with chlorinated solvent. Keep a fire watch after hot work.',
  },
  nav: { label: 'Main', bench: 'Bench', changes: 'Change', store: 'Store', shop: 'Shop', keys: '? keys', unitsNow: 'Units: {units}. Switch' },
  units: { metric: 'metric (mm, L/min, kg)', inch: 'inch (in, cfh, lb)', short: { metric: 'mm', inch: 'inch' } },
  keys: {
    title: 'Keys',
    rows: {
      '/': 'to the field that reads the box', 'j k ← →': 'along the wire line', Enter: 'why this station', Space: 'step done', Backspace: 'one step back', u: 'metric or inch',
      '?': 'this list', Esc: 'leave a hands-free chain, close a window',
    },
  },
  welcome: {
    title: 'Change a wire welder over to another wire', text: 'Start with a shop of your own, or look round Saltbarrow Slip, an invented boat-slip workshop with four machines.',
    own: 'Start my own shop', demo: 'Look round the demo shop', failed: 'The browser’s store cannot be opened', unreadable: 'What is stored here cannot be read',
    failedText: 'Private windows and full disks refuse storage. Free some room or use an ordinary window, then load this page again.',
    unreadableText: 'Nothing was thrown away. Keep a copy of it before you start anew.', keep: 'Keep a copy',
  },
  lost: { title: 'There is nothing here', text: 'Back to the' },
  save: { saved: 'saved', saving: 'saving…', failed: 'not saved: the browser’s store is full or closed' },
  verdict: { fits: 'fits', adjust: 'adjust', change: 'change', unknown: 'not read' },
  verdictLong: { fits: 'fits', adjust: 'adjust', change: 'change', unknown: 'not read' },
  stage: { decide: 'Decide', match: 'Match', gather: 'Gather', swap: 'Swap', 'sign-off': 'Sign off' },
  label: { ask: 'What does the box say?', example: 'E71T-11 .030 10 lb', noSize: 'No size read yet: add it, for example .035 or 0.9 mm.', meant: 'Use {text}' },
  bench: {
    count: '{machines} machines, {wires} wires on the shelf', machines: 'Machines', shelf: 'On the shelf', shelfText: 'Choose a wire, then the machine to put it on.', noWires: 'No wires in the store yet.',
    chooseMachine: '{wire}: now choose the machine.', noMachines: 'No machine yet', noMachinesText: 'Add a machine. What is fitted on it can be read later; unread parts are marked.',
    emptyMachine: 'empty', wireUnread: 'wire not read', left: '{mass} left', change: 'Change the wire', changeOn: 'Change the wire on {machine}', to: 'To {wire}', changeTo: 'Change {machine} to {wire}',
    lineOf: 'The wire’s way on {machine}', open: 'Changeovers under way', resume: 'Go on:',
  },
  changes: { start: 'Start a changeover on', past: 'Signed off', none: 'None yet.' },
  change: { title: '{machine} to {wire}', stages: 'Stages of the changeover', lost: 'This changeover is not here any more', drop: 'Drop', dropNamed: 'Drop the changeover on {machine}', dropped: 'Changeover dropped' },
  decide: {
    title: 'Which wire goes on {machine}?', shelf: 'On the shelf:', metal: 'Metal', thickness: 'Thickness', thicknessHint: 'measured, not guessed: 3 mm, 1/8, 22 ga', position: 'Position', draught: 'Draught or wind',
    draughtHint: 'gas-shielded work stops at {limit}', next: 'Match it', asks: 'What this asks for', nothingYet: 'Type what the box says, or choose a wire from the shelf.', useHand: 'No label? Enter the wire by hand',
    useLabel: 'Read a label instead', family: 'Kind of wire', size: 'Size', boxPolarity: 'Polarity on the box', boxGas: 'Gas on the box', needWire: 'The wire and its size are needed.', needMetal: 'The metal is needed.',
    needThickness: 'The thickness is needed.',
  },
  asks: {
    wire: 'Wire', size: 'Size', mass: 'Spool', polarity: 'Polarity', gas: 'Gas', noGas: 'none: it shields itself, valve shut', rolls: 'Rolls', liner: 'Liner', pressure: 'Pressure', positions: 'Positions', passes: 'Passes',
    standard: 'Standard', all: 'all', single: 'single pass only', multi: 'single and multi', unread: 'not on the label', readBox: 'read the box', notUnderstood: 'Not understood, and not used: {words}',
  },
  match: {
    line: 'The wire’s way, from spool to arc', change: '{n} change', adjust: '{n} adjust', fit: '{n} fit', unread: '{n} not read', missing: 'not in store', missingCount: '{n} missing', next: 'Gather', back: 'Back to the wire',
    backToRun: 'Back to the run', minutes: 'about {minutes}, {steps} steps, walking included', readIt: 'I have read it: {station}', correct: 'Not so? Correct what is fitted',
  },
  why: { label: 'Why: {station}', fitted: 'Fitted:', asked: 'Asked:', ifLeft: 'If left:', alsoDo: 'Would also do:', inStore: 'in the store' },
  origin: { published: 'Published: by the wire’s classification or the standard named.', 'common-practice': 'Common practice of the trade.', model: 'Model: worked out from sizes.', measured: 'From your own log.' },
  section: { gunCable: 'gun', workLead: 'work' },
  scaleNote: {
    driveRolls: 'Groove and wire to scale, before pressure.', liner: 'Bore and wire to scale; the bore is the usual one for the range.', contactTip: 'Bore and wire to scale; the bore is the usual one for the stamp.',
    polarity: 'Which cable on which stud, plug or side of the switch.', spool: 'Spools to one scale, with the side the wire leaves.', inletGuide: 'Gap and wire to scale.', outletGuide: 'Gap and wire to scale.',
    nozzle: 'Bore and wire to scale.', gasFlow: 'Band: as good as each other. Dashed: turbulent. Pointer: where it stands.',
  },
  gather: {
    title: 'Gather before anything is opened', missing: 'Missing parts', missingTitle: 'Missing: {n}', missingText: 'Nothing has been opened yet. Find or buy these first; the run starts when they are there.', found: 'I have found one',
    ifNeeded: 'only if the reading says so', noDrawer: 'in the store', onBench: 'on the bench', tools: 'Tools', begin: 'Begin the run',
  },
  run: {
    step: 'step {n} of {of}', left: 'about {minutes} left', clock: 'Time since the start', why: 'Why', hazards: 'Cautions', done: 'Done', space: 'space', hold: 'press and hold', back: 'Back', whole: 'Show the whole list', wholeTitle: 'The whole list',
    oneStep: 'Show one step', walk: 'Your walk', then: 'Then {place}:', allDone: 'Every step is done', days: '{n} days', doneCount: '{n} steps done',
  },
  captive: {
    label: 'Steps with one hand on the wire', title: 'Next: {n} steps with one hand on the wire', text: 'Read them now. From the moment you hold the wire, any key, a pedal or a touch anywhere goes on; Backspace goes back, Escape stops.',
    caution: 'Never let go of the wire: a spool let go is a spool lost, and its end whips.', aloud: 'Read the steps aloud', mute: 'This device cannot read aloud', timer: 'Or go on by itself', noTimer: 'no timer', every: 'every {s} seconds',
    start: 'Ready: start, then take hold', banner: 'The wire is captive: one hand holds it. Do not let go.', keys: 'Any key, pedal or touch: next. Backspace: back. Escape: stop.',
  },
  sign: {
    title: 'Sign off', nowFitted: 'What is now fitted', written: 'Written down', mark: 'Roll pressure mark', markScale: 'on this machine’s scale, {min} to {max}', markFree: 'as this machine shows it', markNumber: 'A mark is a number.',
    markRange: 'This scale runs from {min} to {max}.', markIs: 'mark {mark}', note: 'Note', used: 'Out of the store', returned: 'Back into the store', nothing: 'Nothing.', sign: 'Sign off and save', done: '{machine} signed off',
    cameOff: 'came off {name}, {wire}', signedAt: 'Signed off {at}', took: '{n} min', export: 'Export the shop as a file', print: 'Print this card',
  },
  store: {
    lists: 'Lists', machines: 'Machines', wires: 'Wires', parts: 'Parts', addMachine: 'Add a machine', addWire: 'Add a wire', addPart: 'Add a part', edit: 'Edit', remove: 'Remove', fitted: 'What is fitted', fittedOn: 'What is fitted on {name}',
    editNamed: 'Edit {name}', removeNamed: 'Remove {name}', removed: '{name} removed', find: 'Find', noneFound: 'Nothing matches.', noneYet: 'Nothing here yet.', wire: 'Wire', part: 'Part', drawer: 'Drawer', count: 'Count', less: 'One less: {name}',
    more: 'One more: {name}', name: 'Name', note: 'Note', kind: 'Kind of part', mass: 'Wire on the spool', massHint: 'left out: as the label says', spoolType: 'Spool', loaded: 'Loaded now', load: { wire: 'a wire', empty: 'empty', unread: 'not looked' },
    polarityChange: 'Polarity is changed by', by: { studs: 'studs inside', plugs: 'plugs on the front', switch: 'a switch', fixed: 'it is fixed' }, gasGear: 'Gas gear', spools: 'Spools it takes', wireEntry: 'Wire leaves the spool at the',
    entry: { top: 'top', bottom: 'bottom' }, maxA: 'Largest output', workingGroove: 'Working groove', groove: { inner: 'inner', outer: 'outer', turn: 'roll is turned round', depth: 'by depth' }, jogButton: 'Jog button', hubLocator: 'Hub locator',
    locator: { pin: 'pin', tab: 'tab', none: 'none' }, reverseThreads: 'Reverse-threaded', thread: { spoolRetainer: 'spool retainer', rollRetainer: 'roll retainer', gunRollRetainer: 'gun roll retainer' },
    machineHint: 'The name is enough to begin. What you leave out counts as not looked at.', wireNeeded: 'Type what the box of the loaded wire says, or choose empty or not looked.', nameNeeded: 'The machine needs a name.',
  },
  kinds: {
    contactTip: 'Contact tip', driveRolls: 'Drive rolls', liner: 'Liner', nozzle: 'Nozzle', inletGuide: 'Inlet guide', outletGuide: 'Outlet guide', gun: 'Gun', gunRolls: 'Rolls of a gun', gunInnerLiner: 'Inner liner of a gun', gunORing: 'O-rings of a gun',
    adapter: 'Spool adapter', regulator: 'Regulator', cylinder: 'Gas cylinder', wire: 'Wire',
  },
  fields: {
    type: 'Type', wireKg: 'Wire left', pinEngaged: 'Locator engaged', leaves: 'Wire leaves at the', adapter: 'Adapter on', condition: 'Condition', value: 'As read', material: 'Material', gapMm: 'Gap to the roll', profile: 'Groove profile', grooves: 'Stamped sizes',
    active: 'Groove in line', mark: 'Mark', minMm: 'Smallest wire, mm', maxMm: 'Largest wire, mm', lengthM: 'Length', kind: 'Kind', oRing: 'O-rings', linerTrim: 'Liner is trimmed at', stamp: 'Stamp', aluminiumBore: 'Aluminium bore', boreMm: 'Bore',
    voltageV: 'Voltage, V', phases: 'Phases', breakerA: 'Breaker, A', cordLengthM: 'Extension cord', cordMm2: 'Cord section, mm²', gas: 'Gas', spool: 'For spool', count: 'Count', drawer: 'Drawer', note: 'Note', label: 'Label', massKg: 'Mass',
  },
  field: { optional: '(if known)', yes: 'yes', no: 'no', understood: 'read as {value} ({other})', range: 'Must be between {min} and {max}.', stampsHint: 'with spaces between: 1.0 1.2, or .030/.035 for one groove that takes both', mixtureHint: 'argon, CO2, 80/20, 98/2 O2', needed: '{name} is needed.' },
  editor: { title: '{machine}: {station}', state: 'What was seen', seen: 'I have looked', nothing: 'Nothing is there', unread: 'Not looked at', gunRolls: 'The gun’s own rolls', innerLiner: 'The gun’s inner liner' },
  shop: {
    settings: 'Settings', name: 'Name of the shop', units: 'Units', theme: 'Appearance', themes: { system: 'as the device', light: 'light', dark: 'dark' }, readAloud: 'Read hands-free steps aloud', data: 'Your data',
    dataText: 'Everything is kept in this browser. The file holds machines, store, settings and changeovers, and brings back the same state.', import: 'Import a file', refused: 'The file was refused; nothing was changed.',
    wouldChange: 'Importing “{name}” would replace what is here:', lists: { machines: 'Machines', store: 'Store', runs: 'Changeovers' }, difference: '{added} added, {changed} changed, {removed} removed', apply: 'Import it', imported: 'File imported',
    toDemo: 'Replace with the demo shop', toEmpty: 'Start an empty shop', replaced: 'Shop replaced', sure: 'This replaces everything here. Export it first if you want it back later; Undo works until the page is closed.', undoLast: 'Undo: {what}',
    cautions: 'Before you rely on it',
  },
}
