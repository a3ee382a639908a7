import { loadMember } from '$server/pages/people/memberEdit';
import { loading } from '$server/services/guard';
import { editMember } from '$server/services/people/member';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => ({
	view: await loading(() => loadMember(locals.householdId, params.member)),
	mayEdit: locals.viewer?.role === 'organiser'
});

export const actions: Actions = {
	keep: async ({ locals, params, request }) =>
		editMember(
			locals.householdId,
			params.member,
			await request.formData(),
			locals.viewer?.member ?? 'organiser'
		)
};
