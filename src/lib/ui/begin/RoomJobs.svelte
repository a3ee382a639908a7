<script lang="ts">
	/** What follows from a room: the jobs that it gets, or those that it has and keeps. */
	import { BEGIN_ROOMS } from '$words/screens/begin';
	import { lowerNumber, plural } from '$words/general';
	import More from '../kit/More.svelte';
	import Touch from './Touch.svelte';
	import type { BeginView } from '$views/setup';
	let { room }: { room: NonNullable<BeginView['room']> } = $props();
	const wanted = $derived(room.jobs.filter((job) => job.wanted));
</script>

<div class="follows mt-4 pt-3.5 [border-top:var(--stitch)] text-lead flex flex-wrap gap-x-4.5 gap-y-1">
	{#if room.keeps !== null}<p>{BEGIN_ROOMS.keepsItsJobs(room.keeps)}</p>{:else}<p>
			{BEGIN_ROOMS.thatMakes}
			<b>{lowerNumber(wanted.length)} {plural(wanted.length, 'job')}</b>{BEGIN_ROOMS.about}
			<b>{BEGIN_ROOMS.min(room.minutesAWeek)}</b>
			{BEGIN_ROOMS.aWeek}
		</p>
		<More openClass="flex-[1_0_100%]">
			{#snippet title()}{BEGIN_ROOMS.see(
					wanted.length === room.jobs.length ? BEGIN_ROOMS.them : BEGIN_ROOMS.theSoMany(room.jobs.length)
				)}{/snippet}
			<ul class="my-2 grid grid-cols-[1fr_1fr] gap-x-3.5 gap-y-0.5 text-body">
				{#each room.jobs as job (job.key)}
					<li>
						<Touch values={{ op: 'without', key: job.key }} pressed={job.wanted}>
							<span
								class={[
									'block py-1 pl-6 relative min-h-7 before:absolute before:left-0 before:top-2 before:w-3.5 before:h-3.5 before:border-2 before:border-cobalt-ink before:rounded-[3px] before:[box-shadow:inset_0_0_0_2px_var(--enamel-hi)]',
									!job.wanted ? 'text-tin-text line-through before:[background:none]' : 'before:bg-cobalt'
								]}>{job.name}<span class="dim">{' '}{BEGIN_ROOMS.minOf(job.minutes)}</span></span
							>
						</Touch>
					</li>
				{/each}
			</ul>
		</More>{/if}
	<Touch values={{ op: 'unhang', room: room.id }} kind="link">{BEGIN_ROOMS.removeThisRoom}</Touch>
</div>
