/** What a sentence is given to show: as it is written, already in the home's way. */
export type Shown = string | number;
