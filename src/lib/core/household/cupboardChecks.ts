/** The checks of the cupboard that reach over several of its parts. Every problem names its place and what to do. */
import { mixDanger } from './dangerPairs';
import type { Cupboard, Kit } from './cupboardSchema';
import type { Job } from './jobSchema';
import { atHand } from './stepTools';

export type Report = (path: PropertyKey[], message: string) => void;

const PARTS = ['products', 'tools', 'kits', 'mixes'] as const;

/** Products, tools, kits and mixes: ids of their own, contents and rooms that are there, no mix that is a danger. */
export function checkCupboard(cupboard: Cupboard, rooms: ReadonlySet<string>, report: Report): void {
	const seen = new Set<string>();
	for (const part of PARTS) {
		cupboard[part].forEach(({ id }, i) => {
			if (seen.has(id))
				report(['cupboard', part, i, 'id'], `The id "${id}" is used twice. Give each its own.`);
			seen.add(id);
		});
	}
	cupboard.products.forEach((product, i) => {
		if (product.families.length + product.perhaps.length === 0)
			report(
				['cupboard', 'products', i, 'families'],
				`Say what is in "${product.name}", or choose Not sure.`
			);
	});
	cupboard.tools.forEach((tool, i) => {
		if (tool.boundTo !== undefined && !rooms.has(tool.boundTo))
			report(
				['cupboard', 'tools', i, 'boundTo'],
				`"${tool.name}" is only for the room "${tool.boundTo}", and there is none. Choose a room that is there.`
			);
	});
	const letters = new Set<string>();
	cupboard.kits.forEach((kit, i) => {
		if (letters.has(kit.letter))
			report(
				['cupboard', 'kits', i, 'letter'],
				`Two kits have the letter ${kit.letter}. Give each its own, so that they can be told apart.`
			);
		letters.add(kit.letter);
		checkKit(kit, i, cupboard, rooms, report);
	});
	cupboard.mixes.forEach((mix, i) => {
		mix.parts.forEach((part, k) => {
			if (part.product !== undefined && !cupboard.products.some((one) => one.id === part.product))
				report(
					['cupboard', 'mixes', i, 'parts', k, 'product'],
					`There is no product "${part.product}". Name one that is in the cupboard, or leave it out.`
				);
		});
		const danger = mixDanger(mix.parts);
		if (danger)
			report(
				['cupboard', 'mixes', i, 'parts'],
				`"${mix.name}" would pour ${danger.join(' and ')} together. They must never meet: leave one of them out.`
			);
	});
}

function checkKit(kit: Kit, i: number, cupboard: Cupboard, rooms: ReadonlySet<string>, report: Report): void {
	const at = (...rest: PropertyKey[]) => ['cupboard', 'kits', i, ...rest];
	kit.rooms.forEach((room, k) => {
		if (!rooms.has(room)) report(at('rooms', k), `There is no room "${room}". Name one that is there.`);
	});
	const held = new Set<string>();
	kit.contents.forEach((id, k) => {
		const tool = cupboard.tools.find((one) => one.id === id);
		if (held.has(id)) report(at('contents', k), `"${id}" is in the kit twice. Keep one.`);
		held.add(id);
		if (id === kit.id) report(at('contents', k), 'A kit does not hold itself. Take it out of its contents.');
		else if (cupboard.kits.some((one) => one.id === id))
			report(at('contents', k), 'A kit holds products and tools, not kits. Take it out of the contents.');
		else if (!tool && !cupboard.products.some((one) => one.id === id))
			report(at('contents', k), `There is no product or tool "${id}". Name one that is in the cupboard.`);
		// A tool that is for one room only lies in the kit of that room alone.
		if (tool?.boundTo !== undefined && kit.rooms.some((room) => room !== tool.boundTo))
			report(
				at('contents', k),
				`"${tool.name}" is for one room only, and this kit is carried into others. Give that room a kit of its own.`
			);
		if (tool?.boundTo !== undefined && kit.rooms.length === 0)
			report(
				at('contents', k),
				`"${tool.name}" is for one room only, and this kit is for the whole home. Give that room a kit of its own.`
			);
	});
}

/** What a job names of the cupboard is there, its products with what the steps say is in them. */
export function checkThingsOfJob(job: Job, cupboard: Cupboard, path: PropertyKey[], report: Report): void {
	job.things.forEach((id, i) => {
		if (![...cupboard.products, ...cupboard.tools].some((one) => one.id === id))
			report(
				[...path, 'things', i],
				`There is no product or tool "${id}" in the cupboard. Add it there, or leave it out here.`
			);
	});
	const needed = atHand(job);
	for (const depth of ['quick', 'usual', 'deep'] as const) {
		job.depths[depth]?.steps.forEach((step, i) => {
			step.tools?.forEach((tool, k) => {
				if (needed.includes(tool)) return;
				report(
					[...path, 'depths', depth, 'steps', i, 'tools', k],
					`"${tool}" is not among what the job needs at hand. Add it there, or leave it out of this step.`
				);
			});
			step.products.forEach((use, k) => {
				if (use.product === undefined) return;
				const at = [...path, 'depths', depth, 'steps', i, 'products', k];
				const product = cupboard.products.find((one) => one.id === use.product);
				if (!product)
					return report(
						[...at, 'product'],
						`There is no product "${use.product}" in the cupboard. Add it there, or leave it out here.`
					);
				const held = new Set([...product.families, ...product.perhaps]);
				if (held.size !== new Set(use.families).size || use.families.some((family) => !held.has(family)))
					report(
						[...at, 'families'],
						`"${product.name}" holds ${[...held].join(', ')} in the cupboard. Write the same here.`
					);
			});
		});
	}
}
