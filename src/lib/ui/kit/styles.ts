/** Utilities that several parts share. Colours, edges and shadows are tokens of the theme. */

/** What a finger needs, what it looks like at rest, under the pointer, pressed, switched off. */
export const CONTROL =
	'inline-flex min-h-11 items-center justify-center gap-2 rounded-button border-2 border-tin-2 bg-transparent ' +
	'px-4 py-1 font-text text-lead font-name text-ink no-underline transition-colors duration-quick ' +
	'hover:bg-cobalt-wash active:bg-cobalt-wash focus-visible:shadow-focus focus-visible:rounded-button ' +
	'disabled:cursor-default disabled:border-tin-1 disabled:text-tin-text disabled:hover:bg-transparent ' +
	'data-disabled:border-tin-1 data-disabled:text-tin-text data-disabled:hover:bg-transparent';

/** A field that is typed in: raised enamel, brass where it is wrong. */
export const FIELD =
	'min-h-12 w-full min-w-0 rounded-cloth border-2 border-tin-2 bg-enamel-hi px-3.5 font-text text-lead text-ink ' +
	'placeholder:text-tin-text focus-visible:shadow-focus disabled:text-tin-text ' +
	'aria-invalid:border-brass-text aria-invalid:border-[3px]';

/** A word of a sentence that can be chosen or typed: a strip of linen with a stitched hem. */
export const TAPE =
	'inline-flex min-h-12 max-w-full min-w-0 cursor-pointer items-center gap-2 rounded-cloth border-0 bg-linen-hi px-3.5 py-2 ' +
	'text-left font-text text-lead font-name text-cobalt-ink shadow-cloth focus-visible:shadow-focus ' +
	'underline decoration-dashed decoration-2 underline-offset-4';

/** What lies over the page: a menu, a list of choices, a calendar. */
export const FLOATING =
	'z-50 max-h-[min(26rem,var(--bits-floating-available-height,26rem))] overflow-auto rounded-button bg-enamel-hi ' +
	'p-2 text-ink shadow-next outline-none forced-colors:border';

/** One line of a menu or of a list of choices. */
export const LINE =
	'flex min-h-11 w-full cursor-pointer items-center gap-3 rounded-lg px-3 py-2 text-left text-lead text-ink ' +
	'no-underline outline-none select-none data-highlighted:bg-cobalt-wash hover:bg-cobalt-wash ' +
	'data-disabled:cursor-default data-disabled:text-tin-text forced-colors:data-highlighted:outline-2';

/** A choice among a row of choices: plain when off, cobalt when on; on is also said by its weight and its rim. */
export const TOGGLE =
	CONTROL +
	' min-w-11 data-[state=on]:border-cobalt-ink data-[state=on]:bg-cobalt data-[state=on]:text-on-cobalt' +
	' forced-colors:data-[state=on]:outline-4';

/** Fields side by side: their labels stand on one line, they themselves on the next, whatever is said under one. */
export const FIELDS = 'grid gap-x-3 *:row-span-3 *:grid-rows-subgrid *:pb-3 [&>*>:first-child]:self-end';

/** Fields and what sends them: on one line at their feet, and at their heads where something is said under one of them. */
export const FIELD_ROW = 'items-end has-[[role=alert]]:items-start has-[[role=alert]]:[&>button]:mt-7';

/** A name between a sign and what can be done: where a long word of it is short of room, what can be done goes below. */
export const ROOMY = 'max-w-[calc(100%-3.25rem)] flex-[1_1_5.5rem] wrap-break-word';

/** Where a thumb works, what is drawn small answers to a touch beside it as well: 44 points high for words of a line. */
export const REACH =
	"relative max-md:after:absolute max-md:after:inset-x-0 max-md:after:-inset-y-2.5 max-md:after:content-['']";

/** The same for a box of 28 points. */
export const REACH_BOX = "relative max-md:after:absolute max-md:after:-inset-2.5 max-md:after:content-['']";
