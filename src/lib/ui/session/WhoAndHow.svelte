<script lang="ts">
	/** Minutes, for whom, who helps, how they work together, and which rooms are seen: one form that fills anew. */
	import { othersOf, seenRooms } from './hrefs';
	import type { FillView } from '$views/session';
	let { view, minutes }: { view: FillView; minutes: string } = $props();
	const WAYS = [
		['free', 'No fixed way'],
		['room', 'All together, one room after another'],
		['role', 'One dusts everywhere, another wipes, another …'],
		['share', 'Everybody has their own list']
	];
	const others = $derived(view.members.filter((member) => member.id !== view.member));
	let form: HTMLFormElement;
	const anew = () => form.requestSubmit();
	/** The boxes of a list become one word of the address. */
	function gather() {
		for (const name of ['with', 'rooms']) {
			const field = form.querySelector<HTMLInputElement>(`input[type=hidden][name=${name}]`);
			if (!field) continue;
			const boxes = form.querySelectorAll<HTMLInputElement>(`input[data-list=${name}]:checked`);
			field.value = [...boxes].map((box) => box.value).join(',');
		}
	}
</script>

<form
	class="any"
	method="get"
	action="/timer"
	bind:this={form}
	onsubmit={gather}
	class:alone={view.kind === 'clearing'}
	data-sveltekit-noscroll
	data-sveltekit-keepfocus
>
	{#if view.kind !== 'bite'}<input type="hidden" name="kind" value={view.kind} />{/if}
	{#if view.inRooms.length > 0}<input type="hidden" name="rooms" value={view.inRooms.join(',')} />{/if}
	<label
		><span>{view.kind === 'visitors' ? 'Visitors come in' : 'Any minutes'}</span>
		<input
			class="field"
			name="minutes"
			inputmode="numeric"
			size="4"
			value={minutes}
			aria-describedby="any-help"
		/></label
	>
	<label
		><span>For</span>
		<select class="tape" name="for" value={view.member} onchange={anew}>
			{#each view.members as member (member.id)}<option value={member.id}>{member.name}</option>{/each}
		</select></label
	>
	{#if others.length > 0 && view.kind !== 'clearing'}
		<fieldset class="bare-set">
			<legend>With</legend>
			<input type="hidden" name="with" value={othersOf(view)} />
			<span class="boxes">
				{#each others as member (member.id)}
					<label class="box"
						><input
							type="checkbox"
							value={member.id}
							checked={member.in}
							data-list="with"
							onchange={anew}
						/>{member.name}</label
					>
				{/each}
			</span>
		</fieldset>
	{/if}
	{#if view.people.length > 1}
		<label
			><span>How</span>
			<select class="tape" name="how" value={view.together} onchange={anew}>
				{#each WAYS as [key, words] (key)}<option value={key}>{words}</option>{/each}
			</select></label
		>
	{/if}
	{#if view.rooms.length > 0}
		<fieldset class="bare-set">
			<legend>They see</legend>
			<input type="hidden" name="rooms" value={seenRooms(view)} />
			<span class="boxes">
				{#each view.rooms as room (room.id)}
					<label class="box"
						><input
							type="checkbox"
							value={room.id}
							checked={room.in}
							data-list="rooms"
							onchange={anew}
						/>{room.name}</label
					>
				{/each}
			</span>
		</fieldset>
	{/if}
	<button class="plain">Fill</button>
	<span id="any-help" hidden>From 1 to 600 minutes</span>
</form>

<style>
	.any {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 8px 14px;
		padding: 8px 0 0 4px;
	}
	.alone {
		padding-left: calc(var(--page-edge) - var(--rim));
	}
	label {
		min-width: 0;
		max-width: 100%;
	}
	label > span,
	legend {
		display: block;
		margin-bottom: 4px;
		padding: 0;
		color: var(--tin-text);
	}
	.field {
		width: 84px;
	}
	.plain {
		min-height: 48px;
	}
	.boxes {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 12px;
	}
	.box {
		display: inline-flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
	}
	.box input {
		width: 22px;
		height: 22px;
		accent-color: var(--cobalt);
	}
	@media (max-width: 900px) {
		.alone {
			padding-left: 15px;
		}
		.any {
			padding: 12px 0 0;
			gap: 10px;
		}
		.field {
			width: 72px;
		}
	}
</style>
