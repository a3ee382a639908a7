<script lang="ts">
	/** What somebody is in the home, and so what they may do. */
	import type { MemberView } from '$views/people';
	import { ROLE, ROLES } from '$words/people';
	import EditForm from '../house/EditForm.svelte';
	import Button from '../kit/Button.svelte';
	import Radios from '../kit/Radios.svelte';
	let { view, fixed }: { view: MemberView; fixed: boolean } = $props();
	let role = $derived<string>(view.role);
</script>

<EditForm {view} values={{}} action="?/role" class="part">
	<h2 class="mt-2">{ROLE.title}</h2>
	<Radios
		label={ROLE.label(view.shownName)}
		name="role"
		disabled={fixed}
		bind:value={role}
		options={Object.entries(ROLES).map(([value, { name, says }]) => ({ value, label: name, line: says }))}
	/>
	<Button type="submit">{ROLE.save}</Button>
</EditForm>
