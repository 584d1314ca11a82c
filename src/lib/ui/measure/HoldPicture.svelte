<script lang="ts">
	interface Props {
		/** What the phone does in the picture. */
		kind: 'first' | 'turned' | 'thumb' | 'walk';
		label: string;
	}
	const { kind, label }: Props = $props();
</script>

<svg viewBox="0 0 240 110" class="w-full max-w-80" role="img" aria-label={label}>
	{#if kind === 'first' || kind === 'turned'}
		<path class="turf" d="M4,92L236,72V106H4Z" />
		<g transform="translate(120 70) rotate(-5)">
			<rect class="phone" x="-44" y="-8" width="88" height="14" rx="4" />
			<circle class="lens" cx={kind === 'first' ? 34 : -34} cy="-1" r="3" />
			<path
				class="arrow"
				d={kind === 'first' ? 'M-20,-22H28m-9,-7l9,7l-9,7' : 'M20,-22H-28m9,-7l-9,7l9,7'}
			/>
		</g>
		<path class="flag" d="M218,73V28l-16,6l16,6" />
		{#if kind === 'turned'}<path class="turn" d="M88,34a34,16 0 0 1 64,0m-9,-3l9,3l3,-9" />{/if}
	{:else if kind === 'thumb'}
		<path class="turf" d="M4,86H236V106H4Z" />
		<circle class="ball" cx="36" cy="80" r="6" />
		<circle class="ball" cx="204" cy="80" r="6" />
		<path class="roll" d="M46,80H192" />
		<text x="36" y="62">strike</text>
		<text x="204" y="62">at rest</text>
		<rect class="phone" x="106" y="14" width="28" height="50" rx="4" />
		<circle class="thumb" cx="120" cy="50" r="8" />
	{:else}
		<path class="turf" d="M4,86H236V106H4Z" />
		<path class="roll" d="M20,82L130,82L220,50" />
		<circle class="ball" cx="20" cy="80" r="5" />
		<circle class="thumb" cx="130" cy="82" r="6" />
		<path class="flag" d="M220,50V12l-16,6l16,6" />
		{#each [44, 68, 92, 150, 174, 196] as x, i (x)}
			<ellipse
				class="foot"
				cx={x}
				cy={(x > 130 ? 82 - (x - 130) * 0.36 : 82) + (i % 2 ? 6 : -6)}
				rx="5"
				ry="2.5"
			/>
		{/each}
	{/if}
</svg>

<style>
	.turf {
		fill: var(--turf);
	}
	.phone {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.lens,
	.foot {
		fill: var(--ink);
	}
	.arrow,
	.turn,
	.roll {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.roll {
		stroke: var(--ink);
		stroke-dasharray: 5 4;
	}
	.flag {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 1.5;
	}
	.thumb {
		fill: var(--clay);
	}
	text {
		font: 600 12px var(--font-sans);
		fill: var(--ink);
		text-anchor: middle;
	}
</style>
