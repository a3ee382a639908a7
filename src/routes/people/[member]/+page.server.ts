import { loadMember } from '$server/pages/people/memberEdit';
import { loading } from '$server/services/guard';
import { leave } from '$server/services/people/leave';
import { editMember } from '$server/services/people/member';
import { editRole } from '$server/services/people/role';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => ({
	view: await loading(() => loadMember(locals.householdId, params.member)),
	mayEdit: locals.viewer?.role === 'organiser',
	isMe: locals.viewer?.member === params.member
});

export const actions: Actions = {
	keep: async ({ locals, params, request }) =>
		editMember(
			locals.householdId,
			params.member,
			await request.formData(),
			locals.viewer?.member ?? 'organiser'
		),
	role: async ({ locals, params, request }) =>
		editRole(locals.householdId, params.member, await request.formData()),
	leave: async ({ locals, params, request }) =>
		leave(locals.householdId, params.member, await request.formData(), locals.viewer?.member ?? null)
};
