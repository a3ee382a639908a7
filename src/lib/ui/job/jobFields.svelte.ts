/** What the editor of a job holds while it is changed, and the form that it sends. */
import type { Job } from '$core/household/home';
import { needsSaid, SAME_USES, toolsWord, useWord } from '$core/setup/jobForm';
import type { FormValues } from '$core/household/formProblem';

export type DepthName = 'quick' | 'usual' | 'deep';
export const DEPTH_NAMES: readonly DepthName[] = ['quick', 'usual', 'deep'];

export interface StepFields {
	text: string;
	minutes: string;
	kind: string;
	wait: string;
	appliance: string;
	least: string;
	most: string;
	/** What is used, as the form says it. */
	with: string;
	surface: string;
	rinse: string;
	/** What it is done with, out of what the job needs. */
	tools: readonly string[];
}

export const emptyStep = (): StepFields => ({
	text: '',
	minutes: '',
	kind: '3',
	wait: '',
	appliance: '',
	least: '',
	most: '',
	with: '',
	surface: '',
	rinse: '',
	tools: []
});

const stepsOf = (job: Job, depth: DepthName): StepFields[] =>
	(job.depths[depth]?.steps ?? []).map((step) => ({
		text: step.text,
		minutes: String(step.minutes),
		kind: String(step.class),
		wait: step.wait?.label ?? '',
		appliance: step.appliance ?? '',
		least: step.wait ? String(step.wait.min) : '',
		most: step.wait?.max === undefined ? '' : String(step.wait.max),
		with: step.products.length > 1 ? SAME_USES : step.products.map(useWord).join(''),
		surface: step.products[0]?.surface ?? '',
		rinse: step.products[0]?.rinse ? 'rinse' : step.products[0]?.water === 'wet' ? 'wet' : '',
		tools: step.tools ?? []
	}));

/** How a cadence is chosen in the editor: one name for each way of choosing it. */
export function oftenType(cadence: Job['cadence']): string {
	if (cadence.type !== 'monthly') return cadence.type;
	return 'nth' in cadence ? 'nth' : 'card' in cadence ? 'leaf' : 'monthly';
}

export class JobFields {
	readonly #isNew: boolean;
	name = $state('');
	room = $state('');
	type = $state('');
	weekdays = $state<readonly string[]>([]);
	everyWeeks = $state(1);
	times = $state(3);
	day = $state(1);
	nth = $state('1');
	weekday = $state('1');
	week = $state('1');
	months = $state<readonly string[]>([]);
	everyMonths = $state(3);
	on = $state('day');
	onceOn = $state('');
	min = $state(10);
	max = $state(14);
	zoneEvery = $state('1');
	missRule = $state('');
	seasonal = $state(false);
	season = $state<readonly string[]>([]);
	alternates = $state(false);
	variants = $state('');
	parts = $state<readonly string[]>([]);
	lead = $state(0);
	who = $state('');
	members = $state<readonly string[]>([]);
	turnsEvery = $state('time');
	minutes = $state<Record<DepthName, number>>({ quick: 0, usual: 0, deep: 0 });
	has = $state<Record<DepthName, boolean>>({ quick: false, usual: true, deep: false });
	deepEvery = $state(0);
	weight = $state(2);
	layer = $state('');
	startsOn = $state('');
	note = $state('');
	needs = $state('');
	things = $state<readonly string[]>([]);
	skill = $state('');
	fromAge = $state(0);
	aloneFrom = $state(0);
	order = $state<readonly string[]>([]);
	shows = $state('');
	errand = $state(false);
	core = $state(false);
	wholeHouse = $state(false);
	rungs = $state('');
	lookRound = $state('');
	noisy = $state(false);
	hidden = $state(false);
	covers = $state<readonly string[]>([]);
	steps = $state<Record<DepthName, StepFields[]>>({ quick: [], usual: [], deep: [] });
	/** The steps were changed: only then are they sent, so that other minutes are shared out among those there are. */
	stepsChanged = $state(false);

	constructor(job: Job, isNew: boolean, tomorrow: string) {
		const { cadence } = job;
		this.#isNew = isNew;
		this.name = isNew ? '' : job.name;
		this.room = job.room;
		this.type = oftenType(cadence);
		this.weekdays = (
			'weekdays' in cadence && cadence.weekdays
				? cadence.weekdays
				: cadence.type === 'daily'
					? [1, 2, 3, 4, 5, 6, 7]
					: [1]
		).map(String);
		if (cadence.type === 'weekly') this.everyWeeks = cadence.everyWeeks;
		if (cadence.type === 'timesAWeek') this.times = cadence.times;
		if (cadence.type === 'monthly' && 'day' in cadence) this.day = cadence.day;
		if (cadence.type === 'monthly' && 'nth' in cadence) this.nth = String(cadence.nth);
		if (cadence.type === 'monthly' && 'weekday' in cadence) this.weekday = String(cadence.weekday);
		if (cadence.type === 'monthly' && 'card' in cadence) this.week = String(cadence.card);
		this.months = (cadence.type === 'months' ? cadence.months : [4, 10]).map(String);
		if (cadence.type === 'everyMonths') {
			this.everyMonths = cadence.every;
			if (typeof cadence.on === 'number') this.day = cadence.on;
			else {
				this.on = 'weekday';
				this.nth = String(cadence.on.nth);
				this.weekday = String(cadence.on.weekday);
			}
		}
		this.onceOn = cadence.type === 'once' ? cadence.date : tomorrow;
		if (cadence.type === 'afterDone') [this.min, this.max] = [cadence.min, cadence.max];
		if (cadence.type === 'zone') this.zoneEvery = String(cadence.every);
		this.missRule = job.missRule === 'carry' ? 'letgo' : job.missRule;
		this.seasonal = job.season !== undefined;
		this.season = (job.season ?? [4, 5, 6, 7, 8, 9, 10]).map(String);
		this.alternates = job.variants !== undefined;
		this.variants = (job.variants ?? []).join('\n');
		this.parts = [...job.parts];
		this.lead = job.leadDays;
		this.who = job.who.mode;
		this.members = [...job.who.members];
		this.turnsEvery = job.who.every ?? 'time';
		for (const depth of DEPTH_NAMES) {
			this.has[depth] = job.depths[depth] !== undefined;
			this.minutes[depth] = job.depths[depth]?.minutes ?? job.depths.usual.minutes;
			this.steps[depth] = stepsOf(job, depth);
		}
		this.deepEvery = job.deepEvery ?? 0;
		this.weight = job.weight;
		this.layer = job.layer;
		this.startsOn = job.startsOn ?? '';
		this.note = job.note ?? '';
		this.needs = job.needs.join(', ');
		this.things = [...job.things];
		this.skill = job.skill ?? '';
		this.fromAge = job.fromAge ?? 0;
		this.aloneFrom = job.aloneFrom ?? 0;
		this.order = [...job.order];
		this.shows = String(job.shows ?? 1);
		this.errand = job.errand;
		this.core = job.core;
		this.wholeHouse = job.wholeHouse;
		this.rungs = job.rungs.join('\n');
		this.lookRound = job.lookRound.join('\n');
		this.noisy = job.noisy;
		this.hidden = job.hidden;
		this.covers = [...job.covers];
	}

	/** All that it needs at hand, as its steps name it. */
	get atHand(): readonly string[] {
		return [...needsSaid(this.needs), ...this.things];
	}

	/** The fields as the form sends them. */
	get form(): FormValues {
		const isZone = this.type === 'zone';
		const form: Record<string, readonly string[]> = {
			type: [this.type],
			weekdays: this.weekdays,
			everyWeeks: [String(this.everyWeeks)],
			times: [String(this.times)],
			day: [String(this.day)],
			nth: [this.nth],
			weekday: [this.weekday],
			leaf: [this.week],
			months: this.months,
			everyMonths: [String(this.everyMonths)],
			on: [this.on],
			onceOn: [this.onceOn],
			min: [String(this.min)],
			max: [String(this.max)],
			every: [isZone ? this.zoneEvery : this.turnsEvery],
			missRule: [isZone ? 'carry' : this.missRule],
			seasonal: [this.seasonal ? 'some' : 'all'],
			season: this.season,
			variants: [this.alternates ? this.variants : ''],
			parts: this.parts,
			lead: [String(this.lead)],
			who: [this.who],
			members: this.members,
			deepEvery: [this.has.deep && this.deepEvery > 0 ? String(this.deepEvery) : ''],
			weight: [String(this.weight)],
			layer: [this.layer],
			note: [this.note],
			needs: [this.needs],
			withThings: ['yes'],
			things: this.things,
			skill: [this.skill],
			fromAge: [this.fromAge > 0 ? String(this.fromAge) : ''],
			aloneFrom: [this.aloneFrom > 0 ? String(this.aloneFrom) : ''],
			order: this.order,
			shows: [this.shows === '1' ? '' : this.shows],
			errand: this.errand ? ['on'] : [],
			core: this.core ? ['on'] : [],
			wholeHouse: this.wholeHouse ? ['on'] : [],
			rungs: [this.rungs],
			lookRound: [this.lookRound],
			noisy: this.noisy ? ['on'] : [],
			hidden: this.hidden ? ['on'] : [],
			covers: this.covers
		};
		if (this.#isNew) Object.assign(form, { name: [this.name], room: [this.room] });
		if (this.startsOn !== '') form.startsOn = [this.startsOn];
		for (const depth of DEPTH_NAMES) {
			form[`minutes-${depth}`] = [this.has[depth] ? String(this.minutes[depth]) : ''];
			if (!this.stepsChanged || !this.has[depth]) continue;
			const steps = this.steps[depth];
			form[`${depth}-text`] = steps.map((step) => step.text);
			form[`${depth}-minutes`] = steps.map((step) => step.minutes);
			form[`${depth}-class`] = steps.map((step) => step.kind);
			form[`${depth}-wait`] = steps.map((step) => step.wait);
			form[`${depth}-appliance`] = steps.map((step) => step.appliance);
			form[`${depth}-min`] = steps.map((step) => step.least);
			form[`${depth}-max`] = steps.map((step) => step.most);
			form[`${depth}-with`] = steps.map((step) => step.with);
			form[`${depth}-surface`] = steps.map((step) => step.surface);
			form[`${depth}-rinse`] = steps.map((step) => step.rinse);
			form[`${depth}-tools`] = steps.map((step) => toolsWord(step.tools));
		}
		return form as FormValues;
	}
}
