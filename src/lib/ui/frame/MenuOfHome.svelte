<script lang="ts">
	/** Everything about this home and whoever looks that is not a place: forms, so that it works without scripts. */
	import { FRAME } from '$words/frame';
	import type { FrameView } from '$views/frame';
	let { frame }: { frame: FrameView } = $props();
	const LINE =
		'flex min-h-12 w-full cursor-pointer items-center border-0 border-b border-linen-deep bg-transparent px-3 text-left font-text text-lead text-ink no-underline hover:bg-cobalt-wash focus-visible:shadow-focus';
</script>

{#if frame.isDemo}
	<p class="mt-0 mb-3 text-lead">{FRAME.isDemo}</p>
{/if}
<ul class="linen m-0 list-none rounded-cloth p-0 shadow-cloth">
	{#if frame.isDemo}
		<li><a class="{LINE} font-name" href="/begin">{FRAME.begin}</a></li>
	{/if}
	{#each frame.homes.filter((home) => !home.current) as home (home.id)}
		<li>
			<form method="post" action="/home">
				<button class={LINE} name="home" value={home.id}>{FRAME.otherHome(home.name, home.isDemo)}</button>
			</form>
		</li>
	{/each}
	{#each frame.as?.others ?? [] as one (one.id)}
		<li>
			<form method="post" action="/demo/as">
				<button class={LINE} name="as" value={one.id}>{FRAME.as(one.name)}</button>
			</form>
		</li>
	{/each}
	{#if frame.hasKeys}<li><a class={LINE} href="/own">{FRAME.keys}</a></li>{/if}
	{#if frame.maySay}<li><a class={LINE} href="/say">{FRAME.command}</a></li>{/if}
	<li><a class={LINE} href="/about">{FRAME.about}</a></li>
	<li>
		<form method="post" action="/light">
			<input type="hidden" name="back" value={frame.path} />
			<button class={LINE} name="light" value={frame.light === 'evening' ? 'day' : 'evening'}
				>{frame.light === 'evening' ? FRAME.light : FRAME.dark}</button
			>
		</form>
	</li>
	{#if frame.hasKeys}
		<li><form method="post" action="/sign-in?/out"><button class={LINE}>{FRAME.signOut}</button></form></li>
	{:else if frame.isDemo}
		<li><a class={LINE} href="/sign-in">{FRAME.signIn}</a></li>
	{/if}
</ul>
