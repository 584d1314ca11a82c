<script lang="ts">
	// Longer than most: finger, loupe, keys and cross all move one aim over one drawing; told apart they would hand it to and fro.
	import { untrack, type Snippet } from 'svelte';
	import type { Attachment } from 'svelte/attachments';
	import { surfaceOf } from '$lib/core/green/surface';
	import type { Spot } from '$lib/core/practice/practised';
	import { greenToCore, type GreenWire } from '$lib/io/work/green';
	import type { Session } from '$lib/io/practice/session';
	import GreenLayers from '$lib/ui/drawing/GreenLayers.svelte';
	import { rulerTicks } from '$lib/ui/drawing/scale';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { mapProject, touchErrorOf, type PracticeScale } from './practiceScale';

	interface Props {
		session: Pick<Session, 'mark'> & {
			ground: Pick<Session['ground'], 'toEdge' | 'room' | 'place'>;
			rules: Pick<Session['rules'], 'mark' | 'tolerance'>;
		};
		/** The surveyed green it is hit on; null for a plain line. */
		green: GreenWire | null;
		scale: PracticeScale;
		/** In words for whoever cannot see it. */
		description: string;
		/** Is told of a touch, and how far it may be off; a drawing without it is only looked at. */
		ontouch?: (spot: Spot, touchError?: number) => void;
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
	const LOUPE = { size: 160, away: 40, times: 3, foot: 24 };

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

	type OnPaper = PointerEvent & { currentTarget: SVGSVGElement };
	interface Finger {
		begun: readonly [number, number];
		at: readonly [number, number];
		by: 'finger' | 'pointer';
	}
	/** What lies on the drawing: it may move to where it belongs before it is lifted. */
	let finger = $state.raw<Finger | null>(null);
	/** A finger covers what it points at: moving it moves the place by a part of that. */
	const FINE = 1 / 3;
	const under = $derived.by((): Spot | null => {
		if (!finger) return null;
		const { begun, at, by } = finger;
		const part = by === 'finger' ? FINE : 1;
		return scale.spotAt(begun[0] + part * (at[0] - begun[0]), begun[1] + part * (at[1] - begun[1]));
	});

	const placeOf = (event: OnPaper): [number, number] => {
		const box = event.currentTarget.getBoundingClientRect();
		return [event.clientX - box.left, event.clientY - box.top];
	};

	function lay(event: OnPaper) {
		if (!ontouch || event.button > 0) return;
		const at = placeOf(event);
		event.currentTarget.setPointerCapture(event.pointerId);
		finger = { begun: at, at, by: event.pointerType === 'mouse' ? 'pointer' : 'finger' };
	}

	function lift() {
		if (finger && under) ontouch?.(under, touchErrorOf(finger.by, scale));
		finger = null;
	}

	/** Where the loupe stands: over the finger, or beside it where there is no room. */
	const loupe = $derived.by(() => {
		if (!under || finger?.by !== 'finger') return null;
		const [x, y] = scale.at(...under);
		const [fingerX, fingerY] = finger.at;
		const above = fingerY - LOUPE.away - LOUPE.size;
		const beside =
			fingerX > scale.width / 2 ? fingerX - LOUPE.away - LOUPE.size : fingerX + LOUPE.away;
		const left = above >= 0 ? fingerX - LOUPE.size / 2 : beside;
		const clamp = (value: number, most: number) =>
			Math.max(2, Math.min(most - LOUPE.size - 2, value));
		const seen = LOUPE.size / LOUPE.times;
		return {
			left: clamp(left, scale.width),
			top: clamp(Math.max(0, above), scale.height),
			box: `${x - seen / 2} ${y - seen / 2} ${seen} ${seen}`
		};
	});

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
	function spotWords([along, right]: Spot, say: (metres: number) => string): string {
		const side =
			Math.abs(right) < 0.05
				? 'on the line'
				: `${say(Math.abs(right))} ${right < 0 ? 'left' : 'right'}`;
		return `${say(along)} out, ${side}`;
	}
	const crossWords = $derived(
		spotWords(under ?? cross ?? start, (metres) => formatLength(metres, playing.style))
	);
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
		onpointerdown={lay}
		onpointermove={(event) => finger && (finger = { ...finger, at: placeOf(event) })}
		onpointerup={lift}
		onpointercancel={() => (finger = null)}
		onkeydown={key}
		onfocus={(event) => (focused = event.currentTarget.matches(':focus-visible'))}
		onblur={() => {
			cross = null;
			focused = false;
		}}
	>
		<g id={`${id}-paper`}>{@render paper()}</g>
		{#if loupe}
			<svg
				x={loupe.left}
				y={loupe.top}
				width={LOUPE.size}
				height={LOUPE.size}
				viewBox={loupe.box}
				aria-hidden="true"
			>
				<use href={`#${id}-paper`} />
			</svg>
			<g aria-hidden="true" transform={`translate(${loupe.left} ${loupe.top})`}>
				<rect class="loupe" width={LOUPE.size} height={LOUPE.size} />
				<path
					class="cross"
					d={`M${LOUPE.size / 2 - 14},${LOUPE.size / 2}h28M${LOUPE.size / 2},${LOUPE.size / 2 - 14}v28`}
				/>
				<rect class="foot" y={LOUPE.size - LOUPE.foot} width={LOUPE.size} height={LOUPE.foot} />
				<text class="figure-text reads" x={LOUPE.size / 2} y={LOUPE.size - 8}
					>{spotWords(under ?? start, (metres) => formatFigure(metres, playing.style))}</text
				>
			</g>
		{/if}
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
		/* A finger that moves on it looks for its place; the page is scrolled beside it. */
		touch-action: none;
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
	.loupe {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.foot {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.reads {
		text-anchor: middle;
	}
	.cross {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
