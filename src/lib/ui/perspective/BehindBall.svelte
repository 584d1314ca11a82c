<script lang="ts">
	import ArrowLeft from '@lucide/svelte/icons/arrow-left';
	import ArrowRight from '@lucide/svelte/icons/arrow-right';
	import ImageDown from '@lucide/svelte/icons/image-down';
	import { onMount, untrack } from 'svelte';
	import { lieOfTheLand } from '$lib/core/plan/studies/lieOfTheLand';
	import type { Situation } from '$lib/core/plan/question/situation';
	import { landWords } from '$lib/io/words/line';
	import { downloadBlob } from '$lib/ui/files/download';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { STATURES } from '$lib/io/work/pupil';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { PALETTES } from './groundPicture';
	import { Fingers } from './fingers';
	import type { Laid } from './laidIn';
	import type { Stage } from './stage';
	import { terrainOf } from './terrain';
	import { lookFrom, walked, type Look, type Standpoint } from './viewpoints';

	interface Props {
		situation: Situation;
		laid: Laid;
		/** Where the ball is on its way; null at rest. */
		ball: readonly [number, number, number] | null;
		height?: number;
		/** Whether the picture may say in figures what an eye should see; not where that is the question. */
		told?: boolean;
		/** What a touch of the ground does. */
		onpick?: ((x: number, z: number) => void) | undefined;
	}
	const { situation, laid, ball, height = 380, told = true, onpick }: Props = $props();

	const NAMES: readonly { id: Standpoint; label: string }[] = [
		{ id: 'behind', label: 'Behind the ball' },
		{ id: 'crouched', label: 'Crouched' },
		{ id: 'low', label: 'Low side' },
		{ id: 'hole', label: 'Behind the hole' }
	];
	/** Radians and factors of one press of a key. */
	const STEP = { turn: Math.PI / 18, nearer: 0.87, higher: 1.25 };
	const EXAGGERATIONS = [1, 2, 4] as const;

	let canvas = $state<HTMLCanvasElement>();
	let width = $state(700);
	let stage = $state.raw<Stage | null>(null);
	let trouble = $state('');
	let standpoint = $state<Standpoint | null>('behind');
	let exaggeration = $state<number>(1);
	let lines = $state(true);
	const fingers = new Fingers();
	const stature = $derived(playing.file.pupil.stature ?? STATURES.usual);

	const terrain = $derived(terrainOf(situation));
	const drawnHeight = $derived((x: number, z: number) => terrain.height(x, z) * exaggeration);
	const usual = (id: Standpoint) => lookFrom(id, terrain.pin, terrain.toEdge, drawnHeight, stature);
	let look = $state.raw<Look>(untrack(() => usual('behind')));
	const palette = $derived(PALETTES[preferences.current.theme] ?? PALETTES['paper']!);
	const words = $derived(
		landWords(lieOfTheLand(situation), situation.toEdge, (metres) =>
			formatLength(metres, playing.style)
		)
	);

	onMount(() => {
		let left = false;
		const open = async () => {
			const { Stage } = await import('./stage');
			if (left || !canvas) return;
			try {
				stage = new Stage(canvas, palette);
				trouble = '';
			} catch {
				trouble = 'This browser cannot draw the picture; what there is to see stands below it.';
			}
		};
		open().catch(() => (trouble = 'The picture could not be fetched; try again with a network.'));
		const lost = (event: Event) => {
			event.preventDefault();
			trouble = 'The picture was lost by the graphics of this device; it comes back by itself.';
		};
		const restored = () => {
			trouble = '';
			void stage?.build(terrain, palette, exaggeration, lines, stature).then(redraw);
		};
		canvas?.addEventListener('webglcontextlost', lost);
		canvas?.addEventListener('webglcontextrestored', restored);
		return () => {
			left = true;
			canvas?.removeEventListener('webglcontextlost', lost);
			canvas?.removeEventListener('webglcontextrestored', restored);
			stage?.dispose();
		};
	});
	$effect(() => {
		void stage?.build(terrain, palette, exaggeration, lines, stature).then(redraw);
	});
	$effect(() => {
		stage?.resize(width, height);
		untrack(() => stage?.look(look));
	});
	$effect(() => {
		stage?.lay(laid);
		untrack(() => stage?.look(look));
	});
	$effect(() => {
		stage?.ballAt(ball);
		stage?.look(look);
	});
	function redraw() {
		stage?.lay(laid);
		stage?.ballAt(ball);
		stage?.look(look);
	}
	/** Another shot is looked at from where one stood. */
	$effect(() => {
		void terrain;
		untrack(() => standpoint && (look = usual(standpoint)));
	});

	function stand(id: Standpoint) {
		standpoint = id;
		look = usual(id);
	}
	function walk(how: Parameters<typeof walked>[1]) {
		standpoint = null;
		look = walked(look, how);
	}

	function onpointerdown(event: PointerEvent) {
		canvas?.setPointerCapture(event.pointerId);
		fingers.down(event, look);
	}
	function onpointermove(event: PointerEvent) {
		const next = fingers.move(event);
		if (!next) return;
		standpoint = null;
		look = next;
	}
	function onpointerup(event: PointerEvent) {
		if (!fingers.up(event, look) || !onpick || !stage || !canvas) return;
		const box = canvas.getBoundingClientRect();
		const across = (2 * (event.clientX - box.left)) / box.width - 1;
		const up = 1 - (2 * (event.clientY - box.top)) / box.height;
		const spot = stage.groundAt(across, up);
		if (spot) onpick(...spot);
	}
	function onwheel(event: WheelEvent) {
		event.preventDefault();
		walk({ nearer: Math.exp(event.deltaY * 0.001) });
	}
	const KEYS: Readonly<Record<string, Parameters<typeof walked>[1]>> = {
		ArrowLeft: { turn: -STEP.turn },
		ArrowRight: { turn: STEP.turn },
		ArrowUp: { higher: STEP.higher },
		ArrowDown: { higher: 1 / STEP.higher },
		'+': { nearer: STEP.nearer },
		'-': { nearer: 1 / STEP.nearer }
	};
	function onkeydown(event: KeyboardEvent) {
		const how = KEYS[event.key];
		if (!how) return;
		event.preventDefault();
		walk(how);
	}

	function savePicture() {
		stage?.draw();
		canvas?.toBlob((blob) => blob && downloadBlob('behind-the-ball.png', blob), 'image/png');
	}
</script>

<div class="grid bg-(--paper)" bind:clientWidth={width}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<div
		class="picture"
		role="application"
		tabindex="0"
		aria-label={`The shot as the eye meets it. ${told ? words : ''} Arrow keys walk around, plus and minus go nearer and farther.`}
		style:height={`${height}px`}
		{onkeydown}
		{onwheel}
		{onpointerdown}
		{onpointermove}
		{onpointerup}
		onpointercancel={(event) => fingers.up(event, look)}
	>
		<canvas bind:this={canvas} style:height={`${height}px`}></canvas>
		{#if trouble}<p class="trouble" role="status">{trouble}</p>{/if}
	</div>
	<div class="flex flex-wrap items-center gap-x-1 gap-y-1 px-2 py-1">
		{#each NAMES as { id, label } (id)}
			<button
				type="button"
				class={['btn btn-sm min-h-9', standpoint === id && 'btn-neutral']}
				aria-pressed={standpoint === id}
				onclick={() => stand(id)}>{label}</button
			>
		{/each}
		<button
			type="button"
			class="btn btn-sm btn-ghost btn-square min-h-9"
			aria-label="Walk to the left"
			onclick={() => walk({ turn: -STEP.turn })}><ArrowLeft size={18} aria-hidden="true" /></button
		>
		<button
			type="button"
			class="btn btn-sm btn-ghost btn-square min-h-9"
			aria-label="Walk to the right"
			onclick={() => walk({ turn: STEP.turn })}><ArrowRight size={18} aria-hidden="true" /></button
		>
		<!-- What is drawn stays together where it does not fit beside where one stands. -->
		<div class="ml-auto flex items-center gap-1.5">
			<label class="mr-3 flex items-center gap-1.5 text-sm">
				<input class="checkbox checkbox-sm" type="checkbox" bind:checked={lines} /> Lines
			</label>
			<label class="flex items-center gap-1.5 text-sm"
				>Heights
				<select class="select select-sm w-20 font-semibold" bind:value={exaggeration}>
					{#each EXAGGERATIONS as times (times)}
						<option value={times}>× {times}</option>
					{/each}
				</select>
			</label>
			<button
				type="button"
				class="btn btn-sm btn-ghost btn-square min-h-9"
				aria-label="Save the picture"
				onclick={savePicture}><ImageDown size={18} aria-hidden="true" /></button
			>
		</div>
	</div>
	{#if told}<p class="px-2 pb-1 text-sm">{words}</p>{/if}
	{#if exaggeration > 1}
		<p class="px-2 pb-1 text-sm font-bold text-(--clay)">
			Heights of the ground are drawn {exaggeration} times too large.
		</p>
	{/if}
</div>

<style>
	.picture {
		position: relative;
		overflow: hidden;
		touch-action: none;
		cursor: grab;
		background: var(--sky-wash);
	}
	.picture:focus-visible {
		outline: 3px solid var(--clay);
		outline-offset: -3px;
	}
	canvas {
		display: block;
		width: 100%;
	}
	.trouble {
		position: absolute;
		inset: auto 0 0 0;
		padding: 8px;
		background: var(--paper);
	}
</style>
