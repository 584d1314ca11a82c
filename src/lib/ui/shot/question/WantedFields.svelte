<script lang="ts">
	import { SHOT_KINDS, type ShotKind } from '$lib/core/plan/question/shotKind';
	import { NO_PUTT, type WantedWire } from '$lib/io/fields/wanted';
	import { isNoPutt } from '$lib/io/words/wanted';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const KIND_WORDS: Record<ShotKind, { name: string; means: string }> = {
		putt: { name: 'Putt', means: 'all along the ground' },
		chip: { name: 'Chip', means: 'more ground than air' },
		pitch: { name: 'Pitch', means: 'more air than ground' },
		lob: { name: 'Lob', means: 'the most lofted wedge, mostly air' },
		flop: { name: 'Flop', means: 'the face laid open' },
		splash: { name: 'Splash', means: 'out of sand' }
	};
	/** A low branch, and a bush: heights to begin with. */
	const BEGIN = { apexAtMost: 1.5, apexAtLeast: 2 } as const;

	const inSand = $derived(bench.shot.situation.lie === 'sand');
	const shown = $derived(SHOT_KINDS.filter((kind) => inSand || kind !== 'splash'));
	/** What holds: the shot's own wish, or what its player usually wants. */
	const wanted = $derived<WantedWire>(
		bench.shot.wanted ?? (bench.file.pupil.noPutt ? NO_PUTT : {})
	);
	const kinds = $derived(wanted.kinds ?? []);
	const noPutt = $derived(isNoPutt(kinds));
	const isAny = $derived(kinds.length === 0);

	/** Keeps what still says something; nothing at all is no wish. A player's usual wish is only lifted by a wish of the shot's own. */
	function ask(change: Partial<WantedWire>) {
		const next = { ...wanted, ...change };
		const kept = Object.fromEntries(
			Object.entries(next).filter(
				([, value]) => value !== undefined && (!Array.isArray(value) || value.length > 0)
			)
		) as WantedWire;
		const isPlain = Object.keys(kept).length === 0;
		bench.change((shot) => {
			if (isPlain && !bench.file.pupil.noPutt) delete shot.wanted;
			else shot.wanted = kept;
		});
	}

	const toggled = <T>(list: readonly T[], one: T): T[] =>
		list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
	const chooseKind = (kind: ShotKind) => ask({ kinds: noPutt ? [kind] : toggled(kinds, kind) });
	/** One touch on a club leaves it at home today, the next asks for it alone or with others, the third lets it be. */
	function chooseClub(id: string) {
		const { clubs = [], without = [] } = wanted;
		if (without.includes(id)) ask({ without: toggled(without, id), clubs: toggled(clubs, id) });
		else if (clubs.includes(id)) ask({ clubs: toggled(clubs, id) });
		else ask({ without: toggled(without, id) });
	}
	const clubState = (id: string) =>
		wanted.clubs?.includes(id) ? 'wanted' : wanted.without?.includes(id) ? 'left' : 'any';
	const CLUB_SAYS = { wanted: ', asked for', left: ', left at home', any: '' };
</script>

<div class="grid gap-1">
	<h3 class="font-bold" id="kinds-of-shot">Kind of shot</h3>
	<div class="grid grid-cols-2 gap-1" role="group" aria-labelledby="kinds-of-shot">
		<button type="button" class="btn" aria-pressed={isAny} onclick={() => ask({ kinds: [] })}
			>The best of all</button
		>
		<button type="button" class="btn" aria-pressed={noPutt} onclick={() => ask(NO_PUTT)}
			>No putter</button
		>
		{#each shown as kind (kind)}
			<button
				type="button"
				class="btn h-auto min-h-12 flex-col items-start gap-0 py-1 text-left"
				aria-pressed={!noPutt && kinds.includes(kind)}
				onclick={() => chooseKind(kind)}
				>{KIND_WORDS[kind].name}<span class="text-[0.8125rem] font-normal"
					>{KIND_WORDS[kind].means}</span
				></button
			>
		{/each}
	</div>
	<p class="hint">More than one at a time, if you like.</p>
</div>
<div class="grid gap-1">
	<h3 class="font-bold" id="clubs-today">Clubs today</h3>
	<div class="flex flex-wrap gap-1" role="group" aria-labelledby="clubs-today">
		{#each bench.bag as club (club.id)}
			{@const state = clubState(club.id)}
			<button
				type="button"
				class={['btn min-w-14 px-2', state === 'left' && 'line-through']}
				aria-pressed={state === 'wanted'}
				onclick={() => chooseClub(club.id)}
				>{club.name}<span class="sr-only">{CLUB_SAYS[state]}</span></button
			>
		{/each}
	</div>
	<p class="hint">One touch leaves a club at home, the next asks for it, the third lets it be.</p>
</div>
<div class="grid gap-1">
	<h3 class="font-bold">How high</h3>
	<div class="field-grid">
		{#each [['apexAtMost', 'At most, under a branch'], ['apexAtLeast', 'At least, over something']] as const as [key, label] (key)}
			{@const metres = wanted[key]}
			<div class="grid content-start gap-1">
				<label class="flex min-h-11 items-center gap-2">
					<input
						type="checkbox"
						class="checkbox"
						checked={metres !== undefined}
						onchange={(event) =>
							ask({ [key]: event.currentTarget.checked ? BEGIN[key] : undefined })}
					/>
					{label}
				</label>
				{#if metres !== undefined}
					<LengthField
						label="Height of the flight"
						{metres}
						low={0.1}
						high={40}
						onchange={(height) => ask({ [key]: height })}
					/>
				{/if}
			</div>
		{/each}
	</div>
</div>
{#if bench.file.pupil.noPutt}
	<p class="hint">
		{bench.file.pupil.name} never putts from off the green, unless it is asked for here.
	</p>
{/if}
