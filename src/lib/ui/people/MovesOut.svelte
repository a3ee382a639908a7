<script lang="ts">
	/** Somebody moves out: asked first, with what follows. */
	import type { MemberView } from '$views/people';
	import { MOVES_OUT } from '$words/screens/people';
	import EditForm from '../house/EditForm.svelte';
	import Button from '../kit/Button.svelte';
	import Confirm from '../kit/Confirm.svelte';
	let { view }: { view: MemberView } = $props();
	let asks = $state(false);
	let form: HTMLFormElement | undefined = $state();
</script>

<EditForm {view} bind:form values={{}} action="?/leave" class="mt-6">
	<Button kind="link" onclick={() => (asks = true)}>{MOVES_OUT.button}</Button>
</EditForm>
<Confirm
	bind:open={asks}
	title={MOVES_OUT.title(view.shownName)}
	text={MOVES_OUT.text(view.namedIn, view.shownName)}
	yes={MOVES_OUT.yes(view.shownName)}
	no={MOVES_OUT.no(view.shownName)}
	onyes={() => form?.requestSubmit()}
/>
