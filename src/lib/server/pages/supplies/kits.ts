/** Kits and tools, to be looked at and changed. */
import type { KitsView } from '$views/supplies';
import { KITS } from '$words/supplies/kits';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { supplyFacts } from './facts';
import { kitView } from './supplies';

export async function loadKits(asker: Asker): Promise<KitsView> {
	const facts = await supplyFacts(asker);
	const { cupboard } = facts.home.home;
	const roomName = (id: string) => facts.home.roomById.get(id)?.name ?? '';
	return {
		revision: facts.revision,
		formId: uuidv7(),
		mayEdit: facts.mayEdit,
		kits: cupboard.kits.map((kit) => kitView(kit)),
		tools: cupboard.tools.map((tool) => ({
			id: tool.id,
			name: tool.name,
			boundTo: tool.boundTo ?? '',
			hotWash: tool.hotWash,
			words: [tool.boundTo ? KITS.only(roomName(tool.boundTo)) : '', tool.hotWash ? KITS.washWords : '']
				.filter(Boolean)
				.join(', '),
			jobs: facts.home.home.jobs.filter((job) => job.things.includes(tool.id)).map((job) => job.id)
		})),
		jobs: facts.home.rooms.flatMap((room) =>
			facts.home.home.jobs
				.filter((job) => job.room === room.id)
				.map((job) => ({ id: job.id, name: job.name, room: room.id, roomName: room.name }))
		),
		things: [...cupboard.products, ...cupboard.tools].map(({ id, name }) => ({ id, name })),
		rooms: facts.home.rooms.map(({ id, name }) => ({ id, name }))
	};
}
