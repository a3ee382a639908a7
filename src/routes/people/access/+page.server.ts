import { loadDoors } from '$server/pages/access/doors';
import { deleteHome } from '$server/services/access/deletion';
import { addFamilyDevice, changePin, inviteMember, putOut, revoke } from '$server/services/access/doors';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadDoors(locals.householdId)),
	isDemo: locals.isDemo
});

export const actions: Actions = {
	invite: async (event) => inviteMember(event, await event.request.formData()),
	device: async (event) => addFamilyDevice(event, await event.request.formData()),
	revoke: async (event) => revoke(event, await event.request.formData()),
	pin: async (event) => changePin(event, await event.request.formData()),
	out: async (event) => putOut(event, await event.request.formData()),
	delete: async (event) => deleteHome(event, await event.request.formData())
};
