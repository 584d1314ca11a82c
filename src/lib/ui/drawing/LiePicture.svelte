<script lang="ts">
	import type { LieId } from '$lib/core/lie/lies';

	interface Props {
		lie: LieId;
	}
	const { lie }: Props = $props();

	/** Height of the grass and of the ball's lowest point, in pixels. */
	const DRAWN: Record<LieId, { grass: number; ball: number }> = {
		tight: { grass: 1, ball: 0 },
		fairway: { grass: 5, ball: 3 },
		fringe: { grass: 7, ball: 4 },
		'first-cut': { grass: 11, ball: 4 },
		'sitting-up': { grass: 14, ball: 13 },
		'sitting-down': { grass: 13, ball: -3 },
		'semi-rough': { grass: 18, ball: 2 },
		'deep-rough': { grass: 28, ball: 0 },
		sand: { grass: 0, ball: -4 }
	};
	const drawn = $derived(DRAWN[lie]);
	const blades = Array.from({ length: 19 }, (_, i) => ({
		x: 2 + i * 4,
		lean: ((i * 7) % 5) - 2,
		tall: 0.75 + ((i * 3) % 4) / 10
	}));
</script>

<svg viewBox="0 0 80 44" width="80" height="44" aria-hidden="true">
	<rect class={lie === 'sand' ? 'sand' : 'soil'} y="34" width="80" height="10" />
	<circle class="ball" cx="40" cy={34 - drawn.ball - 9} r="9" />
	{#if lie === 'sand'}
		<path class="lip" d="M0,34Q20,36 28,34Q40,40 52,34Q62,36 80,34V44H0Z" />
	{:else}
		{#each blades as blade (blade.x)}
			<line x1={blade.x} y1="35" x2={blade.x + blade.lean} y2={35 - drawn.grass * blade.tall} />
		{/each}
	{/if}
</svg>

<style>
	.soil {
		fill: var(--turf-wash);
	}
	.sand,
	.lip {
		fill: var(--sand-wash);
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 1.5;
	}
	line {
		stroke: var(--turf);
		stroke-width: 1.6;
	}
</style>
