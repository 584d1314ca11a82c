<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import type { Attachment } from 'svelte/attachments';
	import { surfaceOf } from '$lib/core/green/surface';
	import type { Spot } from '$lib/core/practice/practised';
	import { greenToCore, type GreenWire } from '$lib/io/work/green';
	import type { Session } from '$lib/io/practice/session';
	import GreenLayers from '$lib/ui/drawing/GreenLayers.svelte';
	import { rulerTicks } from '$lib/ui/drawing/scale';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { mapProject, type PracticeScale } from './practiceScale';

	interface Props {
		session: Pick<Session, 'ground' | 'mark' | 'rules'>;
		/** The surveyed green it is hit on; null for a plain line. */
		green: GreenWire | null;
		scale: PracticeScale;
		/** In words for whoever cannot see it. */
		description: string;
		/** Is told of a touch; a drawing without it is only looked at. */
		ontouch?: (spot: Spot) => void;
		/** What a touch means, for the keyboard. */
		asks?: string;
		/** Where the keyboard's cross begins: where the next touch most likely is; the mark where it is left out. */
		begin?: Spot | undefined;
		/** Whether it takes the focus as soon as it is there. */
		atHand?: boolean;
		children?: Snippet;
	}
	const {
		session,
		green,
		scale,
		description,
		ontouch,
		asks = '',
		begin,
		atHand = false,
		children
	}: Props = $props();

	const NUDGE = 0.1;
	const FAR_NUDGE = 1;
	const MARK_SIZE = 0.25;
	const CLOSE = 16;

	const id = $props.id();
	let cross = $state.raw<Spot | null>(null);
	let focused = $state(false);
	const { ground, rules } = $derived(session);
	const project = $derived(mapProject(ground.place, scale));
	const ball = $derived(scale.at(0, 0));
	const mark = $derived(scale.at(session.mark, 0));
	const edge = $derived(scale.at(ground.toEdge, 0)[1]);
	const back = $derived(scale.at(ground.toEdge + ground.room, 0)[1]);
	const ticks = $derived(
		rulerTicks(0, scale.far / playing.style.size, scale.height).filter((tick) => tick > 0)
	);
	const half = $derived(rules.tolerance * scale.factor);

	function touch(event: PointerEvent & { currentTarget: SVGSVGElement }) {
		if (!ontouch || event.button > 0) return;
		const box = event.currentTarget.getBoundingClientRect();
		ontouch(scale.spotAt(event.clientX - box.left, event.clientY - box.top));
	}

	const MOVES: Record<string, readonly [number, number]> = {
		ArrowUp: [1, 0],
		ArrowDown: [-1, 0],
		ArrowRight: [0, 1],
		ArrowLeft: [0, -1]
	};

	function key(event: KeyboardEvent) {
		const move = MOVES[event.key];
		if (move) {
			event.preventDefault();
			const step = event.shiftKey ? FAR_NUDGE : NUDGE;
			const [along, right] = cross ?? start;
			cross = [along + move[0] * step, right + move[1] * step];
		} else if ((event.key === 'Enter' || event.key === ' ') && ontouch) {
			event.preventDefault();
			ontouch(cross ?? start);
			cross = null;
		}
	}
	const start = $derived<Spot>(begin ?? [session.mark, 0]);
	const takeFocus: Attachment<SVGSVGElement> = (paper) => {
		if (untrack(() => atHand)) paper.focus({ preventScroll: true });
	};
	const say = (metres: number) => formatLength(metres, playing.style);
	const crossWords = $derived.by(() => {
		const [along, right] = cross ?? start;
		const side =
			Math.abs(right) < 0.05
				? 'on the line'
				: `${say(Math.abs(right))} ${right < 0 ? 'left' : 'right'}`;
		return `${say(along)} out, ${side}`;
	});
</script>

{#snippet paper()}
	{#if project && green}
		<GreenLayers
			{green}
			grid={surfaceOf(greenToCore(green)).grid}
			{project}
			factor={scale.factor}
			layers={{ contours: true, arrows: false, steepness: false }}
			labels={false}
			id="practice"
		/>
	{:else}
		<rect class="green" x="0" y={back} width={scale.width} height={Math.max(0, edge - back)} />
		<line class="edge" x1="0" x2={scale.width} y1={edge} y2={edge} />
	{/if}
	<line class="line" x1={ball[0]} y1={ball[1]} x2={ball[0]} y2="0" />
	{#each ticks as tick (tick)}
		{@const y = scale.at(tick * playing.style.size, 0)[1]}
		{#if y > CLOSE}
			<line class="tick" x1="0" x2="8" y1={y} y2={y} />
			<text class="figure-text" x="12" y={y + 4}>{tick}</text>
		{/if}
	{/each}
	<text class="figure-text" x="12" y={scale.height - 8}>{playing.style.symbol}</text>
	{#if rules.mark === 'box'}
		<rect class="mark" x={mark[0] - half} y={mark[1] - half} width={2 * half} height={2 * half} />
	{:else if rules.mark === 'stick'}
		<line
			class="mark stick"
			x1={mark[0] - 2 * half}
			x2={mark[0] + 2 * half}
			y1={mark[1]}
			y2={mark[1]}
		/>
	{:else if rules.mark === 'flag'}
		<circle class="mark" cx={mark[0]} cy={mark[1]} r={half} />
		<path class="flag" d={`M${mark[0]},${mark[1]}v-26l14,5l-14,5`} />
		<circle class="hole" cx={mark[0]} cy={mark[1]} r={Math.max(3.5, 0.054 * scale.factor)} />
	{/if}
	{@render children?.()}
	<circle
		class="ball"
		cx={ball[0]}
		cy={ball[1]}
		r={Math.max(5, Math.min(8, MARK_SIZE * scale.factor))}
	/>
{/snippet}

{#if ontouch}
	<!-- A field to touch has no role of its own: it is a button whose place counts; arrow keys move a cross. -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_no_noninteractive_tabindex -->
	<svg
		class="touchable"
		width={scale.width}
		height={scale.height}
		viewBox={`0 0 ${scale.width} ${scale.height}`}
		role="application"
		tabindex="0"
		aria-roledescription="field to touch"
		aria-label={`${description} ${asks} The arrow keys move a cross, Enter notes it.`}
		aria-describedby={`${id}-cross`}
		{@attach takeFocus}
		onpointerdown={touch}
		onkeydown={key}
		onfocus={(event) => (focused = event.currentTarget.matches(':focus-visible'))}
		onblur={() => {
			cross = null;
			focused = false;
		}}
	>
		{@render paper()}
		{#if cross || focused}
			{@const [x, y] = scale.at(...(cross ?? start))}
			<path class="cross" d={`M${x - 12},${y}h24M${x},${y - 12}v24`} />
		{/if}
	</svg>
	<!-- Where the cross is, said a moment after it has moved and shown beside the drawing. -->
	<p id={`${id}-cross`} class={['hint', !focused && 'sr-only']} aria-live="polite">
		The cross is {crossWords}.
	</p>
{:else}
	<svg
		width={scale.width}
		height={scale.height}
		viewBox={`0 0 ${scale.width} ${scale.height}`}
		role="img"
		aria-label={description}
	>
		{@render paper()}
	</svg>
{/if}

<style>
	svg {
		display: block;
		overflow: hidden;
		background: color-mix(in oklab, var(--turf) 7%, var(--paper));
		border: var(--border) solid var(--rule);
		user-select: none;
	}
	.touchable {
		touch-action: manipulation;
		cursor: crosshair;
	}
	.green {
		fill: var(--turf-wash);
	}
	.edge {
		stroke: var(--turf);
		stroke-width: 2;
	}
	.line {
		stroke: var(--ink);
		stroke-width: 1;
		stroke-dasharray: 2 6;
	}
	.tick {
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.figure-text {
		font: 600 12px var(--font-mono);
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	.mark {
		fill: color-mix(in oklab, var(--clay) 12%, transparent);
		stroke: var(--clay);
		stroke-width: 2;
	}
	.stick {
		stroke-width: 4;
	}
	.flag {
		fill: var(--clay);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.hole {
		fill: #111;
		stroke: #fff;
		stroke-width: 1.5;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	.cross {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
