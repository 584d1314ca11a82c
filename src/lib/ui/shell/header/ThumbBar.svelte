<script lang="ts">
	import Ellipsis from '@lucide/svelte/icons/ellipsis';
	import { page } from '$app/state';
	import { DATA, IN_THUMBS_REACH, isHere, VIEWS } from './views';

	const id = $props.id();
	let more = $state(false);
	let menu = $state<HTMLElement>();
	const reached = VIEWS.slice(0, IN_THUMBS_REACH);
	const rest = [...VIEWS.slice(IN_THUMBS_REACH), DATA];
	const current = (href: string) => (isHere(href, page.url.pathname) ? 'page' : undefined);
	const ITEM =
		'grid min-h-14 min-w-0 justify-items-center content-center gap-0.5 border-t-3 border-transparent text-xs font-semibold aria-[current]:border-(--clay)';
</script>

<nav
	class="bg-base-100 fixed inset-x-0 bottom-0 z-20 grid grid-cols-6 border-t-2 border-(--ink) md:hidden print:hidden"
	aria-label="Views"
>
	{#each reached as { href, label, icon: Icon } (href)}
		<a class={ITEM} {href} aria-current={current(href)}>
			<Icon size={20} aria-hidden="true" />{label}
		</a>
	{/each}
	<button type="button" class={ITEM} popovertarget={id}>
		<Ellipsis size={20} aria-hidden="true" />More
	</button>
	<div
		{id}
		bind:this={menu}
		popover="auto"
		class="bg-base-100 text-base-content fixed inset-auto right-0 bottom-16 w-44 border-2 border-(--ink)"
		onbeforetoggle={(event) => (more = event.newState === 'open')}
	>
		{#if more}
			{#each rest as { href, label, icon: Icon } (href)}
				<a
					class="flex min-h-12 items-center gap-3 border-b border-(--rule) px-4 font-semibold"
					{href}
					aria-current={current(href)}
					onclick={() => menu?.hidePopover()}
				>
					<Icon size={20} aria-hidden="true" />{label}
				</a>
			{/each}
		{/if}
	</div>
</nav>
