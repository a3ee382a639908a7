/** How long things stay and what counts as one press: one constant each, asked for everywhere. */

/** What was done can be undone at hand for so long, in milliseconds. */
export const UNDO_FOR = 6000;
/** A second press within so many milliseconds is none. */
export const ONE_PRESS = 700;
