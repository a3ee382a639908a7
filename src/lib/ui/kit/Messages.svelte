<script lang="ts">
	/** Where messages stand: at the foot, above the lower rim of a phone. */
	import { Toaster } from 'svelte-sonner';
</script>

<Toaster
	position="bottom-center"
	offset={{ bottom: '24px' }}
	mobileOffset={{ bottom: 'calc(74px + env(safe-area-inset-bottom))' }}
	toastOptions={{
		unstyled: true,
		classes: {
			toast:
				// One behind another shows nothing, and nothing of it can be pressed, until they are spread out.
				'flex w-full items-center gap-4 rounded-button bg-ink px-4 py-2 text-enamel shadow-cloth forced-colors:border-2 data-[front=false]:data-[expanded=false]:*:invisible',
			title: 'text-lead',
			content: 'min-w-0 flex-1',
			actionButton:
				'min-h-11 shrink-0 cursor-pointer rounded-lg border-2 border-enamel bg-transparent px-4 text-lead font-name text-enamel focus-visible:shadow-focus'
		}
	}}
/>
