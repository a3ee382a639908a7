/**
 * A running session on this device: the clock, what is to be done from now on, presses on their way, and the bells.
 * The server's clock decides: the device only measures how long ago the server last said what time it is.
 */
import { FRAME_TRAY } from '$words/screens/frame';
import { BELLS } from '$words/screens/session';
import { browser } from '$app/environment';
import { arrangedAt } from '$core/session/arranged';
import { nearest, type Replanned } from '$core/session/replan';
import { alarmsOf, isCapped, isUrgent, type Alarm } from '$core/session/alarms';
import { readSession, type RunningWait, type SessionState } from '$core/session/sessionState';
import type { EventDetail, PailStep, SessionEvent, SessionEventKind } from '$core/session/sessionPlan';
import { connection } from '../connection.svelte';
import { capWords, clockText } from '$words/general';
import { Outbox } from './outbox.svelte';
import { mayNotify, notify, readySound, ring, type Strikes, type Volume } from './sound';
import type { RunView } from '$views/session';

/** The rest is planned again at each event, and this often as time goes by. */
const BEAT = 10_000;
/** A gap between two looks that is longer than this was a sleep. */
const ASLEEP = 5_000;
/** A longer sleep than this is no sleep: a session ends with its day. */
const LONGEST_SLEEP = 24 * 60 * 60_000;
/** One strike at the end of a pail, two for a fetch hour, three in a hurry. */
const STRIKES: Readonly<Record<Alarm['kind'], Strikes>> = { bell: 1, fetch: 2, rest: 2, cap: 2, hurry: 3 };
/** A second press within this is the same. */
const SAME_PRESS = 600;
const UNDO_FOR = 6_000;

export class Running {
	readonly outbox: Outbox;
	run: RunView;
	now: number;
	events: readonly SessionEvent[];
	clock: SessionState;
	arranged: Replanned;
	/** What rang while nobody could hear it. */
	missed = $state<string | null>(null);
	volume = $state<Volume>(0.6);
	permission = $state<NotificationPermission | null>(null);
	#heardAt = $state(browser ? performance.now() : 0);
	#ticking = $state(browser ? performance.now() : 0);
	#beat = $derived.by(() => Math.floor(this.now / BEAT) * BEAT);
	#lastPress = -Infinity;
	#undoUntil = $state(0);
	#undoStep = $state<number | null>(null);
	// eslint-disable-next-line svelte/prefer-svelte-reactivity -- remembers what has rung; nothing is drawn from it
	#rung = new Set<string>();
	#lastLook = 0;

	constructor(source: () => RunView) {
		this.outbox = new Outbox(
			`/timer/${source().id}?/event`,
			() => this.serverNow(),
			(id) => this.run.events.some((event) => event.id === id)
		);
		this.run = $derived(source());
		this.now = $derived(this.run.now + Math.max(0, this.#ticking - this.#heardAt));
		this.events = $derived([
			...this.run.events,
			...this.outbox.waiting.filter((event) => !this.run.events.some((known) => known.id === event.id))
		]);
		this.clock = $derived(readSession(this.run.plan, this.events, this.now));
		this.arranged = $derived.by(() => {
			const at = Math.max(this.#beat, this.run.now, ...this.events.map((event) => event.at));
			return arrangedAt(this.run.plan, this.events, at);
		});
	}

	serverNow(): number {
		return this.run.now + (browser ? performance.now() - this.#heardAt : 0);
	}

	/** A new word from the server sets the clock anew. */
	heard(): void {
		const at = performance.now();
		this.#heardAt = at;
		this.#ticking = at;
	}

	#hiddenAt: { wall: number; ticked: number } | null = null;

	/**
	 * The page was put away, or comes back. Some devices stop the page's own clock while they sleep: what the clock on the
	 * wall says more is added then, until the server's next word. While the page is looked at, a clock on the wall that
	 * jumps (put right, another time zone, summer time) changes nothing.
	 */
	seen(visible: boolean): void {
		const is = { wall: Date.now(), ticked: performance.now() };
		if (!visible) {
			this.#hiddenAt ??= is;
			return;
		}
		const was = this.#hiddenAt;
		this.#hiddenAt = null;
		if (!was) return;
		const slept = is.wall - was.wall - (is.ticked - was.ticked);
		if (slept > ASLEEP && slept < LONGEST_SLEEP) this.#heardAt -= slept;
	}

	/** Presses wait on this device, and the house does not answer. */
	get isCutOff(): boolean {
		return this.outbox.stuck || (connection.lost && this.outbox.waiting.length > 0);
	}

	get isOver(): boolean {
		return this.clock.phase === 'over';
	}
	get atBell(): boolean {
		return this.clock.left <= 0 && this.clock.phase === 'running' && !this.isOver;
	}
	get canUndo(): boolean {
		return this.#undoStep !== null && this.#ticking < this.#undoUntil;
	}

	step(at: number): PailStep | null {
		return this.clock.steps[at] ?? null;
	}

	/** The lane that this device follows; the first that has something to do where it follows all. */
	lane(who: string | null = this.run.as) {
		const lanes = this.arranged.lanes;
		return lanes.find((lane) => lane.who === who) ?? lanes[0] ?? null;
	}

	/** The step that a soak is followed by, where it is not the one in hand already; null for none. */
	afterWait(wait: RunningWait): number | null {
		const line = this.step(wait.step)?.line;
		const at = this.clock.steps.findIndex(
			(step, i) => step.line === line && !this.clock.done[i] && step.step > (this.step(wait.step)?.step ?? 0)
		);
		return at < 0 || this.arranged.lanes.some((lane) => lane.coming[0]?.step === at) ? null : at;
	}

	/** The lane that is due first, of those that still have something to do. */
	get dueFirst() {
		return (
			[...this.arranged.lanes]
				.filter((lane) => lane.coming.length > 0)
				.sort((a, b) => (a.coming[0]?.to ?? 0) - (b.coming[0]?.to ?? 0))[0] ?? null
		);
	}

	/** A press anywhere on the great button, without a lift; a second one within 600 ms is the same. */
	press(kind: SessionEventKind, step: number | null = null, detail: EventDetail = {}, guarded = true): void {
		const at = performance.now();
		if (guarded && at - this.#lastPress < SAME_PRESS) return;
		this.#lastPress = at;
		readySound();
		this.missed = null;
		this.outbox.press(kind, step, detail);
		if (kind === 'stepDone' || kind === 'capped') {
			this.#undoStep = step;
			this.#undoUntil = at + UNDO_FOR;
		}
	}

	undo(): void {
		const step = this.#undoStep;
		this.#undoStep = null;
		if (step !== null) this.press('stepUndone', step, {}, false);
	}

	/** Done at the bell: the job in hand is, and the pail is set down. */
	doneAtBell(step: number | null): void {
		const line = step === null ? undefined : this.step(step)?.line;
		this.clock.steps.forEach((one, i) => {
			if (one.line === line && !this.clock.done[i]) this.outbox.press('stepDone', i);
		});
		this.outbox.press('setDown');
	}

	time(at: number): string {
		return clockText(
			new Intl.DateTimeFormat('en-GB', {
				timeZone: this.run.timeZone,
				hour: '2-digit',
				minute: '2-digit',
				hourCycle: 'h23'
			}).format(at),
			this.run.clock
		);
	}
	minutesTo(at: number): number {
		return Math.max(0, Math.ceil((at - this.now) / 60_000));
	}

	/** Who has the shortest way to a wait that has ended, by name; its own lane's where nobody is nearer. */
	nearest(wait: RunningWait): string {
		return this.run.names[nearest(this.run.plan, this.clock, wait.room, wait.who)] ?? '';
	}
	isUrgent(wait: RunningWait): boolean {
		return isUrgent(wait, this.now);
	}

	/** What a bell means, in words. */
	#meaning(bell: Alarm): string {
		switch (bell.kind) {
			case 'bell':
				return this.run.plan.kind === 'visitors' ? BELLS.theyRingNow : BELLS.timeIsUp;
			case 'rest':
				return BELLS.rest(bell.minutes);
			case 'cap':
				return BELLS.areOver(
					capWords(bell.minutes),
					this.clock.steps.find((step) => step.line === bell.line)?.jobName ?? ''
				);
			default: {
				const { label, roomName } = bell.wait;
				const many = this.run.plan.people.length > 1 ? BELLS.nearest(this.run.names[bell.near] ?? '') : '';
				return BELLS.wait(label, bell.kind === 'hurry', roomName + many);
			}
		}
	}

	/** True where the job in hand of a lane has had its cap. */
	isCapped(who: string): boolean {
		return isCapped(this.run.plan, this.clock, this.arranged, who);
	}

	#seenKey = () => `pail-seen ${this.run.id}`;

	/** Looks at the clock: rings what has come due since the last look, once; after a sleep it says what it missed. */
	look(): void {
		this.#ticking = performance.now();
		const since = this.#lastLook;
		this.#lastLook = this.now;
		const bells = alarmsOf(this.run.plan, this.clock, this.arranged, this.now);
		const due = bells.filter((bell) => bell.at <= this.now && !this.#rung.has(bell.key));
		for (const bell of due) this.#rung.add(bell.key);
		const strikes = Math.max(
			0,
			...due.filter((bell) => bell.at > since).map((bell) => STRIKES[bell.kind])
		) as Strikes | 0;
		if (strikes !== 0) {
			ring(strikes, this.volume);
			for (const bell of due) notify(FRAME_TRAY.pailRound, this.#meaning(bell));
		}
		const slept = since > 0 && this.now - since > ASLEEP;
		const late = due.filter((bell) => bell.at > since && this.now - bell.at > ASLEEP);
		if (slept && late.length > 0)
			this.missed = late.map((bell) => `${this.time(bell.at)}: ${this.#meaning(bell)}`).join(' ');
		if (this.isOver) return;
		try {
			localStorage.setItem(this.#seenKey(), String(this.now));
		} catch {
			// It is told for this page alone.
		}
	}

	/** Takes up where an earlier page of this device stopped looking. */
	begin(volume: Volume): void {
		this.volume = volume;
		this.permission = mayNotify();
		this.outbox.recall();
		let seen = 0;
		try {
			seen = Number(localStorage.getItem(this.#seenKey()) ?? 0) || 0;
		} catch {
			// Nothing kept.
		}
		this.#lastLook = seen > 0 && seen <= this.now ? seen : this.now;
	}

	/** Nothing of an ended session is kept on the device. */
	forget(): void {
		try {
			localStorage.removeItem(this.#seenKey());
		} catch {
			// Nothing was kept.
		}
	}
}
