/** What can be done on a page, by the name of its route: the list that `?` opens begins with it. */
export const pageHelp: Readonly<Record<string, { page: string; can: readonly string[] }>> = {
    'sign-in': {
        page: 'The door',
        can: [
            'Open the demo workroom and look around: nothing in it can be spoilt.',
            'Make an account, or sign in to your own.',
        ],
    },
    workroom: {
        page: 'Workroom',
        can: [
            'Begin a make: choose who it is for and the pattern.',
            'Go on with a make: its row opens the bench.',
            'Measure somebody new, or put a pattern in.',
            'Find a make, a wearer or a pattern by a part of its name.',
            'Bring a make from a file; bring back what is in the bin.',
        ],
    },
    card: {
        page: 'Measure card',
        can: [
            'Type what the tape reads, as 37 3/4, 95,5 or 95.5 cm; Enter goes on to the next point.',
            'Type a point twice: the second reading guards against a slip.',
            'Choose which points are asked for, and say what is worn underneath.',
            'Connect a tape that sends its readings, or print a blank card.',
        ],
    },
    wearer: {
        page: 'A wearer',
        can: [
            'Measure again: the older card stays.',
            'See what was made, how it wore and what was changed.',
            'Note a garment that fits: its room is offered to makes of its kind.',
            'Hide the sizes from the wearer; take cards out as a file, or in.',
        ],
    },
    practice: {
        page: 'Practice',
        can: [
            'Lay the tape on a body and read it; then see where it belongs and what it changes.',
            'Choose the exercise, or go on with those that are due.',
        ],
    },
    'new-pattern': {
        page: 'A new pattern',
        can: [
            'Paste the size chart as it is printed, and look over what was understood.',
            'Say what garment it is, and where it must fit.',
        ],
    },
    pattern: {
        page: 'A pattern',
        can: [
            'Type into the charts, or paste a whole one over them.',
            'Open a part below: levels and lengths, cups, views, pieces, cloth.',
            'Draw its own lines from a file of the pattern.',
            'Make it for somebody, or for a whole company.',
        ],
    },
    bench: {
        page: 'The bench',
        can: [
            'Push a clip along its tape, or type a size on it: line, steps and cautions follow at once.',
            'Say how sizes are chosen: by chart or garment, up or nearest, the ease you like.',
            'Ask why not another size, or what a change of the body would do.',
            'Decline a change, or give another amount, under “more…” of its row.',
            'Go on to the cut sheet, the fitting, the cloth.',
        ],
    },
    'cut-sheet': {
        page: 'Cut sheet',
        can: [
            'Print the sheet, on A4 or letter.',
            'Tick what is done: the workroom shows how far it has come.',
            'Choose how the line comes onto the cloth, and what is tried first.',
        ],
    },
    nest: {
        page: 'The pattern’s own lines',
        can: [
            'Put in the drawing of a piece and say which line is which size.',
            'Mark underarm, waist and hip on it, and the lengthening lines.',
            'Put tiled pages together.',
        ],
    },
    'make-nest': {
        page: 'The line on the pattern’s own lines',
        can: [
            'See the line to cut on the drawing itself.',
            'Take it out as tiles, as one sheet, or to the projector.',
        ],
    },
    projector: {
        page: 'Projector',
        can: [
            'Set the scale by two tapes that lie on the table.',
            'Turn it, lay the other side up, draw its lines finer or bolder.',
        ],
    },
    'own-projector': {
        page: 'Projector',
        can: [
            'Throw the pattern’s own drawing on the mat, without a make: which sizes are seen is yours to say.',
            'Set the scale by two tapes that lie on the table.',
        ],
    },
    fitting: {
        page: 'Fitting',
        can: [
            'Note what was found at the fitting: it is carried into the plan of the next tracing.',
            'Tick how far the make has come.',
            'Say how it wore, level by level: the next make of this pattern learns from it.',
        ],
    },
    cloth: {
        page: 'Cloth',
        can: [
            'Say what the cloth is and how it shrinks and stretches.',
            'See how much cloth these sizes need, and what there is to buy.',
        ],
    },
    files: {
        page: 'Files',
        can: [
            'Print the sheet and the strip, on pages as your printer has them.',
            'Keep the make as a file, its line as a drawing, its marks as a table.',
            'Hide the sizes in all of them.',
        ],
    },
    company: {
        page: 'Company',
        can: [
            'Plan one pattern for many at once, and order them by what is worth seeing.',
            'Choose otherwise for one; see the sums of envelopes and cloth.',
            'Print the list, or take it out.',
        ],
    },
    'which-pattern': {
        page: 'Which pattern',
        can: ['See which of your patterns needs least work for this body.', 'Begin a make from one.'],
    },
    compare: {
        page: 'Side by side',
        can: [
            'Lay up to three makes beside one another, line over line.',
            'Compare their charts, changes and steps.',
        ],
    },
    bin: {
        page: 'Bin',
        can: ['Bring back what was deleted, with all that went along.', 'Let one go for good.'],
    },
    account: {
        page: 'Account',
        can: [
            'Change the password; make codes for when it is lost.',
            'See which devices are signed in, and sign them out.',
            'Take everything out as one file, and bring it back.',
            'Delete the account.',
        ],
    },
};
