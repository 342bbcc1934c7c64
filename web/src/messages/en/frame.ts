/** The frame round every screen, and words that several share. */
export const frame = {
  library: {
    clear: 'Clear {0}',
    action: '{0}',
    open: 'Open',
    close: 'Close',
    noData: 'Nothing to choose from',
  },
  app: {
    skip: 'Skip to the work',
    loading: 'Opening the shop…',
    undo: 'Undo',
    close: 'Close',
    save: 'Save',
    cancel: 'Cancel',
    defer:
      'Pepper Knot advises. The machine’s and the wire maker’s instructions, local electrical and fire codes and licensed practice come first. Unplug before touching polarity studs or wiring; capacitors hold charge. Ventilate, more for flux-cored and far more for galvanised or stainless; argon and CO2 displace air in closed spaces. Never clean parts or plate with chlorinated solvent. Keep a fire watch after hot work.',
  },
  nav: {
    label: 'Main',
    bench: 'Bench',
    feed: 'Feed',
    desk: 'Arc',
    changes: 'Change',
    store: 'Store',
    shop: 'Shop',
    keys: '? keys',
    unitsNow: 'Units: {units}. Switch',
  },
  units: {
    metric: 'metric (mm, L/min, kg)',
    inch: 'inch (in, cfh, lb)',
    short: { metric: 'mm', inch: 'inch' },
  },
  keys: {
    title: 'Keys',
    rows: {
      '/': 'to the field that reads the box',
      'j k ← →': 'along the wire line',
      Enter: 'why this station',
      Space: 'step done',
      Backspace: 'one step back',
      u: 'metric or inch',
      '?': 'this list',
      Esc: 'leave a hands-free chain, close a window',
    },
  },
  welcome: {
    title: 'Change a wire welder over to another wire',
    text: 'Start with a shop of your own, or look round Saltbarrow Slip, an invented boat-slip workshop with four machines.',
    own: 'Start my own shop',
    demo: 'Look round the demo shop',
    failed: 'The browser’s store cannot be opened',
    'no-answer': 'The browser’s store does not answer',
    'no-answerText':
      'It was asked and has said nothing for ten seconds. Close other windows of this page and try again; nothing has been changed.',
    again: 'Try again',
    besideText:
      'A shop of your own leaves what is stored where it is: it is laid aside first and listed on the Shop screen, to be saved as a file.',
    newer: 'A newer version of this program wrote what is stored here',
    newerText:
      'This older one leaves it alone. Load the page again; if it says the same, the newer program is the one to use.',
    unreadable: 'What is stored here cannot be read',
    failedText:
      'Private windows and full disks refuse storage. Free some room or use an ordinary window, then load this page again.',
    unreadableText: 'Nothing was thrown away. Keep a copy of it, or start anew beside it.',
    keep: 'Keep a copy',
  },
  lost: { title: 'There is nothing here', text: 'Back to the' },
  save: {
    saved: 'saved',
    saving: 'saving…',
    failed: 'not saved',
    full: 'not saved',
    'no-answer': 'not saved',
    cleared: 'not saved',
    newer: 'not saved',
    why: {
      failed:
        'Not saved: the browser’s store is full or closed. What you entered is still on this page. Free some room and try again, or keep a copy of everything as a file before you close it.',
      full: 'Not saved: the browser’s store is full. What you entered is still on this page. Free some room and try again, or keep a copy of everything as a file before you close it.',
      'no-answer':
        'Not saved yet: the browser’s store has not answered for ten seconds. What you entered is still on this page. Keep a copy of everything as a file before you close it.',
      cleared:
        'The browser’s store was emptied while this page was open. What you see here is all that is left of it; signed-off changes may be gone. Keep it as a file, or write what is on this page again.',
      newer:
        'A newer version of this program has opened the shop in another window. Nothing more is written from this page. Load it again to go on.',
    },
    writeAnew: 'Write what is on this page again',
    reload: 'Load the page again',
    apart:
      'One record was changed in two places. Both are kept until you pick. | {n} records were changed in two places. Both of each are kept until you pick.',
    pick: 'Look and pick',
    oldTab:
      'A page of an older version of this program is open in this browser and writes too. What it wrote was brought in; load that page again.',
    clockBack:
      'The clock of this computer stands before the last thing that was written. Nothing is lost; times written now will be wrong until it is set.',
    unkept: 'Not kept as it stands: the last version that can be kept is saved in its place.',
    where: { name: 'Shop name', settings: 'Settings', machines: 'Machine', store: 'Part', runs: 'Change' },
    without:
      'One record could not be read. The shop opened without it; it is laid aside. | {n} records could not be read. The shop opened without them; they are laid aside.',
    toAside: 'Show what is laid aside',
    again: 'Try again',
  },
  verdict: { fits: 'fits', adjust: 'adjust', change: 'change', unknown: 'not read' },
  stage: {
    decide: 'Decide',
    match: 'Match',
    gather: 'Gather',
    swap: 'Swap',
    feed: 'Feed',
    'dial-in': 'Dial in',
    'sign-off': 'Sign off',
  },
  label: {
    ask: 'What does the box say?',
    example: 'E71T-11 .030 10 lb',
    noSize: 'No size read yet: add it, for example .035 or 0.9 mm.',
    meant: 'Use {text}',
    read: 'Read: {what}',
    whichKind: 'Which is it?',
  },
  schools: { default: 'default', shops: 'as the shop does' },
  why: {
    label: 'Why: {station}',
    fitted: 'Fitted:',
    asked: 'Asked:',
    ifLeft: 'If left:',
    also: 'Also:',
    alsoDo: 'Would also do:',
    inStore: 'in the store',
  },
  section: { gunCable: 'gun', workLead: 'work' },
  scaleNote: {
    driveRolls: 'Groove and wire to scale, before pressure.',
    liner: 'Bore and wire to scale; the bore is the usual one for the range.',
    contactTip: 'Bore and wire to scale; the bore is the usual one for the stamp.',
    polarity: 'Which cable on which stud, plug or side of the switch.',
    spool: 'Spools to one scale, with the side the wire leaves.',
    inletGuide: 'Gap and wire to scale.',
    outletGuide: 'Gap and wire to scale.',
    nozzle: 'Bore and wire to scale.',
    gasFlow: 'Band: as good as each other. Dashed: turbulent. Pointer: where it stands.',
  },
  field: {
    optional: '(if known)',
    yes: 'yes',
    no: 'no',
    understood: 'read as {value} ({other})',
    range: 'Must be between {min} and {max}.',
    groovesHint:
      'with spaces between: 1.0 1.2, or .030/.035 for one groove that takes both; where they differ: 0.9 V, 0.9 knurled worn',
    mixtureHint: 'argon, CO2, 80/20, 98/2 O2',
    needed: '{name} is needed.',
  },
}
