<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import { onDestroy, onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import type { Plan } from '$lib/core/plan/plan';
	import type { RatioRow } from '$lib/core/today/ratios';
	import { freshShot } from '$lib/io/work/freshShot';
	import { playingOf } from '$lib/io/work/playing';
	import { shotRequest } from '$lib/io/work/shotRequest';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { downloadBlob, fileNameOf } from '$lib/ui/files/download';
	import { askedFrom, ratioQuestion } from '$lib/ui/ratios/ratiosBench.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { USUAL_CHIP } from './handOut';
	import { CARD_GREENS, CARD_SHOTS, pocketCardOf } from './pocketCard';
	import PaperSizeField from './PaperSizeField.svelte';
	import type { PaperSize } from './pdf';

	interface Props {
		file: PupilFile;
	}
	const { file }: Props = $props();

	const SAMPLES = 200;
	const SEED = 5;
	let size = $state<PaperSize>('A4');
	let ratios = $state.raw<readonly (readonly RatioRow[])[]>([]);
	let plans = $state.raw<readonly Pick<Plan, 'options'>[]>([]);
	let ready = $state(false);
	const card = $derived(pocketCardOf(file, ratios, plans));
	const pool = new PlannerPool(startPlanner);
	const leaving = new AbortController();
	onDestroy(() => {
		leaving.abort();
		pool.close();
	});

	async function work() {
		const usual = { ...askedFrom(undefined, Date.now()), carries: [USUAL_CHIP], slopes: [0] };
		for (const { stimpFeet } of CARD_GREENS) {
			const { rows } = await pool.ratios(ratioQuestion({ ...usual, stimpFeet }, file), []);
			ratios = [...ratios, rows];
		}
		const { situation } = freshShot(file.pupil.id);
		for (const { name: _, ...shot } of CARD_SHOTS) {
			const asked = { situation: { ...situation, ...shot } };
			const request = shotRequest(asked, playingOf(file), SAMPLES, SEED);
			plans = [...plans, await pool.plan(request, leaving.signal, () => {})];
		}
		ready = true;
	}
	onMount(() => {
		void attempt(async () => {
			try {
				await work();
			} catch (error) {
				if (!leaving.signal.aborted) throw error;
			}
		});
	});

	const save = () =>
		attempt(async () => {
			const [{ cardPdf }, { paperFonts }] = await Promise.all([
				import('./cardPdf'),
				import('./pdf')
			]);
			const bytes = await cardPdf(card, size, await paperFonts());
			const name = `pocket-card-${fileNameOf(file.pupil.name)}.pdf`;
			downloadBlob(name, new Blob([bytes], { type: 'application/pdf' }));
		});
</script>

<section class="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4 p-4">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<ViewHeading text={`Pocket card for ${file.pupil.name}`} />
		<div class="flex flex-wrap items-end gap-2">
			<PaperSizeField bind:size />
			<button type="button" class="btn btn-neutral" disabled={!ready} onclick={() => void save()}
				><Download size={18} aria-hidden="true" /> PDF to cut</button
			>
			<a class="btn" href={resolve('/lessons')}>Lessons</a>
		</div>
	</div>
	<p class="hint max-w-[70ch]">
		In dark and in light ink on one sheet, 108 × 178 mm each, to be cut and folded or not. Prepared
		before the round; what a player may carry is for the Rules of Golf, local rules and the
		committee.
	</p>
	{#if !ready}<p role="status">Working out ratios and safe shots…</p>{/if}
	<div class="flex flex-wrap gap-4">
		{#each ['dark-ink', 'light-ink'] as ink (ink)}
			<article
				class={['card-paper', ink]}
				aria-label={ink === 'dark-ink' ? 'In dark ink' : 'In light ink'}
			>
				<h2 class="text-xl font-extrabold wrap-anywhere">{card.name}</h2>
				<p>{card.rule}</p>
				{#if card.carries}
					<h3>Carries, {card.carries.unit}</h3>
					{@render table([card.carries.columns, ...card.carries.rows])}
				{/if}
				{#if card.ratios.length > 0}
					<h3>Air and ground, by the speed of the green</h3>
					{@render table([['Club', ...CARD_GREENS.map(({ name }) => name)], ...card.ratios])}
				{/if}
				{#if card.safe.length > 0}
					<h3>Safe</h3>
					{#each card.safe as words (words)}<p>{words}</p>{/each}
				{/if}
				<p class="pt-1 text-xs">{card.foot}</p>
			</article>
		{/each}
	</div>
</section>

{#snippet table(rows: readonly (readonly string[])[])}
	<table class="w-full table-fixed border-collapse">
		<tbody>
			{#each rows as cells, i (i)}
				<tr class="border-b border-current/40">
					{#each cells as cell, at (at)}
						{#if i === 0}<th scope="col" class="text-left">{cell}</th>
						{:else if at === 0}<th scope="row" class="text-left">{cell}</th>
						{:else}<td class="whitespace-nowrap">{cell}</td>{/if}
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
{/snippet}

<style>
	.card-paper {
		width: 108mm;
		max-width: 100%;
		min-height: 178mm;
		padding: 4mm;
		font-size: 0.8125rem;
		line-height: 1.35;
		border: 1px dashed var(--faint);
	}
	.dark-ink {
		background: #fff;
		color: #000;
	}
	.light-ink {
		background: #1f2429;
		color: #fff;
	}
	h3 {
		margin-top: 6px;
		border-bottom: 1px solid currentcolor;
		font-weight: 700;
	}
</style>
