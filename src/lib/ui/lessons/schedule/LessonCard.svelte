<script lang="ts">
	import GripVertical from '@lucide/svelte/icons/grip-vertical';
	import { resolve } from '$app/paths';
	import { stateOfLesson } from '$lib/io/lessons/lesson';
	import type { WallTime } from '$lib/io/lessons/wallTime';
	import { laterByClock, minuteOfDay } from '$lib/io/lessons/wallTime';
	import { whoComes } from '../state/lessonState.svelte';
	import { cancelLesson, moveLesson } from './moveLesson';
	import type { Placed } from './weekLayout';

	interface Props {
		placed: Placed;
		/** First hour of the drawing, and how high an hour is, rem. */
		first: number;
		hour: number;
		/** A day's column, pixels, and how many of them an hour is. */
		dayWidth: number;
		hourHeight: number;
		clash: boolean;
		where: string;
	}
	const { placed, first, hour, dayWidth, hourHeight, clash, where }: Props = $props();

	/** Lessons are moved in steps of so many minutes. */
	const STEP = 15;
	/** A pointer that moves less than this only touches. */
	const TREMBLE = 5;
	/** A line of a card, and what a card is higher than its lines, rem. */
	const LINE = 1.016;
	const AROUND = 0.4;
	const lesson = $derived(placed.appointed.lesson);
	const stands = $derived(stateOfLesson(lesson));
	const height = $derived(((placed.to - placed.from) / 60) * hour);
	const lines = $derived(Math.max(1, Math.floor((height - AROUND) / LINE)));
	const who = $derived(whoComes(lesson));
	/** Where there is room for one word: "Ida", "Ida +7". */
	const briefly = $derived(
		[who.split(' ')[0], lesson.pupilIds.length > 1 && `+${lesson.pupilIds.length - 1}`]
			.filter(Boolean)
			.join(' ')
	);
	/** How far it is dragged: minutes and days; null at rest. */
	let drag = $state.raw<{ minutes: number; days: number } | null>(null);
	let grabbed: { x: number; y: number } | null = null;
	let dragged = false;

	const target = (minutes: number, days: number): WallTime => laterByClock(lesson, minutes, days);
	const shownTime = $derived(drag ? target(drag.minutes, drag.days).time : lesson.time);

	function grab(event: PointerEvent) {
		if (event.button !== 0) return;
		grabbed = { x: event.clientX, y: event.clientY };
		dragged = false;
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
	}
	function pull(event: PointerEvent) {
		if (!grabbed) return;
		const [right, down] = [event.clientX - grabbed.x, event.clientY - grabbed.y];
		if (!dragged && Math.hypot(right, down) < TREMBLE) return;
		dragged = true;
		const at = minuteOfDay(lesson.time);
		const wanted = Math.round(((down / hourHeight) * 60) / STEP) * STEP;
		drag = {
			minutes: Math.max(-at, Math.min(24 * 60 - STEP - at, wanted)),
			days: Math.round(right / dayWidth)
		};
	}
	function letGo(keep: boolean) {
		const moved = drag;
		grabbed = drag = null;
		if (keep && moved && (moved.minutes !== 0 || moved.days !== 0))
			void moveLesson(lesson, target(moved.minutes, moved.days));
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.altKey || event.ctrlKey || event.metaKey) return;
		const by = {
			ArrowUp: [-STEP, 0],
			ArrowDown: [STEP, 0],
			ArrowLeft: [0, -1],
			ArrowRight: [0, 1]
		}[event.key];
		if (by) {
			event.preventDefault();
			void moveLesson(lesson, target(by[0]!, by[1]!));
		} else if (event.key === 'Delete' || event.key === 'Backspace') {
			event.preventDefault();
			void cancelLesson(lesson, !lesson.cancelled);
		}
	}
	const width = $derived(100 / placed.columns);
</script>

<div
	class={['appointment', stands, drag && 'dragged']}
	style:top={`${((placed.from - first * 60) / 60) * hour}rem`}
	style:height={`calc(${height}rem - 2px)`}
	style:left={`${placed.column * width}%`}
	style:width={`calc(${width}% - 2px)`}
	style:transform={drag
		? `translate(${drag.days * dayWidth}px, ${(drag.minutes / 60) * hour}rem)`
		: undefined}
>
	<!-- The whole card follows a mouse; a finger scrolls the page and takes the grip. -->
	<a
		class="body"
		title={`${shownTime} ${who}`}
		href={resolve('/lessons/[id]', { id: lesson.id })}
		data-lesson={lesson.id}
		draggable="false"
		aria-describedby="move-by-keys"
		{onkeydown}
		onpointerdown={(event) => event.pointerType === 'mouse' && grab(event)}
		onpointermove={pull}
		onpointerup={() => letGo(true)}
		onpointercancel={() => letGo(false)}
		onclick={(event) => dragged && event.preventDefault()}
	>
		<span class="words" style:-webkit-line-clamp={lines}>
			<span class="wide figure font-bold">{shownTime}</span>
			<span class="wide font-bold">{who}</span>
			<span class="narrow font-bold" aria-hidden="true">{briefly}</span>
			{#if stands === 'cancelled'}<span>cancelled</span>{/if}
			{#if clash}<span class="font-bold text-(--clay)">clash</span>{/if}
			{#if lesson.aim}<span class="wide line text-(--faint)">{lesson.aim}</span>{/if}
			{#if where}<span class="wide line text-(--faint)">{where}</span>{/if}
		</span>
	</a>
	<span
		class="grip"
		aria-hidden="true"
		onpointerdown={grab}
		onpointermove={pull}
		onpointerup={() => letGo(true)}
		onpointercancel={() => letGo(false)}><GripVertical size={16} /></span
	>
</div>

<style>
	.appointment {
		position: absolute;
		display: flex;
		overflow: hidden;
		container-type: inline-size;
		border: 1px solid var(--ink);
		border-left: 5px solid var(--turf);
		background: var(--paper);
		font-size: 0.8125rem;
		line-height: 1.25;
	}
	.appointment:focus-within,
	.appointment:hover {
		z-index: 2;
	}
	.ended {
		border-left-color: var(--rule);
		background: var(--shade);
	}
	.running {
		border-left-color: var(--clay);
	}
	.cancelled {
		border-style: dashed;
		border-left-color: var(--rule);
		text-decoration: line-through;
	}
	.dragged {
		z-index: 3;
		opacity: 0.85;
		box-shadow: 0 2px 8px rgb(0 0 0 / 0.3);
	}
	.body {
		flex: 1;
		min-width: 0;
		padding: 2px 4px;
		cursor: grab;
		user-select: none;
	}
	/* What does not fit ends with a sign. */
	.words {
		display: -webkit-box;
		-webkit-box-orient: vertical;
		overflow: hidden;
		overflow-wrap: break-word;
	}
	.line {
		display: block;
	}
	.narrow {
		display: none;
	}
	@container (width < 5rem) {
		.narrow {
			display: inline;
		}
		.wide {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
	}
	/* A mouse takes the card itself. */
	.grip {
		display: none;
	}
	@media (pointer: coarse) {
		.grip {
			display: block;
			min-width: 24px;
			padding: 8px 4px;
			color: var(--faint);
			touch-action: none;
		}
	}
</style>
