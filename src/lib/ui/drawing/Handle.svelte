<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** What it moves, for people who do not see it. */
		label: string;
		/** The value in words. */
		text: string;
		now: number;
		low: number;
		high: number;
		/** Pixels. */
		x: number;
		y: number;
		/** Pixels per metre. */
		factor: number;
		axis: 'x' | 'y' | 'both';
		/** Keyboard step along and up, in metres. */
		nudge: number;
		onstart: () => void;
		/** Metres moved along and up since the start. */
		onmove: (along: number, up: number) => void;
		onend: () => void;
		children: Snippet;
	}
	const p: Props = $props();

	let from: { x: number; y: number } | null = null;
	const cursor = $derived({ x: 'ew-resize', y: 'ns-resize', both: 'move' }[p.axis]);

	function onpointerdown(event: PointerEvent) {
		if (!(event.currentTarget instanceof SVGElement)) return;
		event.currentTarget.setPointerCapture(event.pointerId);
		event.currentTarget.focus();
		event.preventDefault();
		from = { x: event.clientX, y: event.clientY };
		p.onstart();
	}

	function onpointermove(event: PointerEvent) {
		if (from) p.onmove((event.clientX - from.x) / p.factor, (from.y - event.clientY) / p.factor);
	}

	function release() {
		if (from) p.onend();
		from = null;
	}

	function onkeydown(event: KeyboardEvent) {
		const size = event.shiftKey ? 5 * p.nudge : p.nudge;
		const along = { ArrowLeft: -size, ArrowRight: size }[event.key] ?? 0;
		const up = { ArrowUp: size, ArrowDown: -size }[event.key] ?? 0;
		const [useAlong, useUp] =
			p.axis === 'x' ? [along || up, 0] : p.axis === 'y' ? [0, up || along] : [along, up];
		if (useAlong === 0 && useUp === 0) return;
		event.preventDefault();
		p.onstart();
		p.onmove(useAlong, useUp);
		p.onend();
	}
</script>

<g
	class="handle"
	role="slider"
	tabindex="-1"
	aria-label={p.label}
	aria-valuenow={p.now}
	aria-valuemin={p.low}
	aria-valuemax={p.high}
	aria-valuetext={p.text}
	transform={`translate(${p.x} ${p.y})`}
	style:cursor
	{onpointerdown}
	{onpointermove}
	onpointerup={release}
	onpointercancel={release}
	{onkeydown}
>
	<circle r="22" fill="transparent" />
	<circle class="ring" r="15" />
	{@render p.children()}
</g>

<style>
	.handle {
		touch-action: none;
		outline: none;
	}
	.ring {
		fill: none;
		stroke: transparent;
	}
	.handle:hover .ring {
		stroke: var(--rule);
		stroke-width: 2;
	}
	.handle:focus-visible .ring {
		stroke: var(--clay);
		stroke-width: 3;
	}
</style>
