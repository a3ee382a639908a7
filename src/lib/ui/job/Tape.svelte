<script lang="ts">
	/** What can be changed in a sentence: linen with cobalt stitches; open it is white with a rim, its tool below. */
	let { text, label, open, onclick }: { text: string; label: string; open: boolean; onclick: () => void } =
		$props();
</script>

<button
	type="button"
	class="tape cursor-pointer text-[1.5rem]! leading-tight wrap-anywhere max-sm:text-[1.1875rem]! {open
		? 'bg-enamel-hi! shadow-[0_0_0_2.5px_var(--cobalt-ink)]!'
		: ''}"
	aria-expanded={open}
	aria-label="{label}: {text}"
	{onclick}>{text}</button
>
