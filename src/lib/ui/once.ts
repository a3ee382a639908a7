/**
 * A form that counts once, however often it is pressed and however the connection fares: its id is made here, and
 * is the same until the house has answered.
 */
import { applyAction, enhance } from '$app/forms';
import type { ActionResult } from '@sveltejs/kit';
import { catchUp } from './behind';
import { holdFocus } from './heldFocus';
import { connection, sendingBegan, sendingEnded, wayEnded } from './connection.svelte';
import { ONE_PRESS } from './kit/times';
import { forgetAllSaid, forgetSaid, idOfSaid, saidBy } from './saidIds';
import { TypedFields } from './typedFields';

export interface OnceOptions {
	/** Told when something is under way, and when its answer is there. */
	sending?: (busy: boolean) => void;
	/** Told the answer when the page shows it. */
	ended?: (result: ActionResult) => void;
	/** Told what was refused first: true where a field shows it beside itself, and the page need not. */
	beside?: (data: Readonly<Record<string, unknown>>) => boolean;
	/** Empties the fields once they are written. */
	empties?: boolean;
	/** It ticks: a second tick within a moment is none, whichever row has slid under the finger meanwhile. */
	ticks?: boolean;
	/** The form's own `id` means something else, and what it says may be said twice without harm. */
	withoutId?: boolean;
}

/** When something was last ticked on this page. */
let lastTick = -Infinity;

/** A page that is not drawn, as behind another one, is not waited for longer than this. Milliseconds. */
const UNDRAWN = 100;

/** Resolves when what has changed is on the screen: what is pressed is seen first, and sent then. */
const drawn = () =>
	new Promise<void>((done) => {
		const late = setTimeout(done, UNDRAWN);
		requestAnimationFrame(() =>
			setTimeout(() => {
				clearTimeout(late);
				done();
			})
		);
	});

/** Use as an action: `<form method="post" use:once={{ ended: close }}>`. */
export function once(form: HTMLFormElement, given: OnceOptions = {}) {
	let options = given;
	const underWay = new Set<string>();
	const fields = new TypedFields(
		() => form,
		(name) => name === 'id'
	);
	const show = () => {
		if (underWay.size > 0) form.setAttribute('aria-busy', 'true');
		else form.removeAttribute('aria-busy');
		options.sending?.(underWay.size > 0);
	};
	const { destroy } = enhance(form, async ({ action, formData, cancel }) => {
		const withoutId = options.withoutId === true;
		const said = saidBy(action, formData, withoutId);
		if (underWay.has(said)) return cancel();
		if (options.ticks) {
			if (performance.now() - lastTick < ONE_PRESS) return cancel();
			lastTick = performance.now();
		}
		if (!withoutId) formData.set('id', idOfSaid(said));
		fields.send();
		const giveBack = holdFocus(form);
		underWay.add(said);
		sendingBegan();
		show();
		if (options.ticks) await drawn();
		return async ({ result, update }) => {
			try {
				// No answer at all: what was typed stays, and the same press again is the same entry.
				connection.lost = result.type === 'error' && result.status === undefined;
				if (connection.lost) return;
				forgetSaid(said);
				// What was undone may be said again, as something new.
				if (result.type === 'success' && action.search.includes('undo')) forgetAllSaid();
				await wayEnded();
				if (result.type === 'failure' && options.beside?.(result.data ?? {}) === true)
					// What the page said before is over.
					await applyAction({ ...result, data: undefined });
				else await update({ reset: options.empties === true && fields.since().size === 0 });
				underWay.delete(said);
				show();
				// What the page does with the answer may lead elsewhere: nothing is read anew before that has begun.
				options.ended?.(result);
				if (result.type === 'success') await giveBack();
				await catchUp(result);
			} finally {
				underWay.delete(said);
				show();
				sendingEnded();
			}
		};
	});
	return {
		update(next: OnceOptions = {}) {
			options = next;
		},
		destroy
	};
}
