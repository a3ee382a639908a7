import { deviceForm, doorForm, mailForm, passwordAgainForm, pinForm } from '$server/access/doorForms';
import { loadDoors } from '$server/pages/access/doors';
import { deleteHome } from '$server/services/access/deletion';
import {
	addFamilyDevice,
	changePin,
	inviteMember,
	putOut,
	renewDevice,
	revoke
} from '$server/services/access/doors';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const view = await loading(() => loadDoors(locals.householdId));
	/** Each person's own: what was typed for one is not shown at another. */
	const each = <F>(form: (member: string) => Promise<F>) =>
		Promise.all(view.people.map(async ({ id }) => [id, await form(id)] as const)).then(Object.fromEntries<F>);
	return {
		view,
		isDemo: locals.isDemo,
		forms: {
			device: await doorForm(deviceForm, 'device'),
			delete: await doorForm(passwordAgainForm, 'deleteHome'),
			mail: await each((member) => doorForm(mailForm, `mail ${member}`)),
			pin: await each((member) => doorForm(pinForm, `pin ${member}`))
		}
	};
};

export const actions: Actions = {
	invite: async (event) => inviteMember(event, await event.request.formData()),
	device: async (event) => addFamilyDevice(event, await event.request.formData()),
	renew: async (event) => renewDevice(event, await event.request.formData()),
	revoke: async (event) => revoke(event, await event.request.formData()),
	pin: async (event) => changePin(event, await event.request.formData()),
	out: async (event) => putOut(event, await event.request.formData()),
	delete: async (event) => deleteHome(event, await event.request.formData())
};
