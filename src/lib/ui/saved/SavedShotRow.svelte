<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import Copy from '@lucide/svelte/icons/copy';
	import Share2 from '@lucide/svelte/icons/share-2';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { resolve } from '$app/paths';
	import type { Pupil } from '$lib/io/work/pupil';
	import type { SavedShot } from '$lib/io/work/shot';
	import { ratioFigure } from '$lib/io/words/ratio';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { RowPlace } from '$lib/ui/controls/WindowedRows.svelte';
	import AlsoFor from './AlsoFor.svelte';
	import { lieName, overWords, savedDay } from './savedColumns';

	interface Props {
		saved: SavedShot;
		/** Where it stands in its list. */
		place: RowPlace;
		/** Name of the pupil it belongs to. */
		whose: string;
		onforother: (pupil: Pupil) => void;
		onrename: (name: string) => void;
		onduplicate: () => void;
		onshare: () => void;
		onremove: () => void;
	}
	const { saved, place, whose, onforother, onrename, onduplicate, onshare, onremove }: Props =
		$props();

	const situation = $derived(saved.shot.situation);
	const say = (metres: number) => formatLength(metres, playing.style);
	const others = $derived(
		playing.active.map(({ pupil }) => pupil).filter(({ id }) => id !== saved.shot.pupilId)
	);
	const over = $derived(overWords(saved));
	const owner = $derived(playing.of(saved.shot.pupilId).pupil);
	/** A putt has no air to speak of. */
	const ratio = $derived(
		saved.called && saved.called.carry > saved.called.roll / 20
			? ratioFigure(saved.called, owner.ratios ?? 'ratio')
			: ''
	);
</script>

<tr
	data-index={place.index}
	aria-rowindex={place.index === undefined ? undefined : place.index + 2}
	{@attach place.measure}
	class="max-lg:grid max-lg:grid-cols-1 max-lg:border-b max-lg:border-(--rule)"
>
	<th scope="row" class="p-0 max-lg:border-0 lg:w-[38%] lg:max-w-0">
		<input
			class="input input-ghost w-full px-2 text-base font-bold text-ellipsis underline decoration-(--frame) decoration-dotted underline-offset-4"
			title={saved.name}
			aria-label={`Name of ${saved.name}`}
			value={saved.name}
			maxlength={LETTERS.name}
			onchange={(event) => {
				const name = event.currentTarget.value.trim();
				if (name) onrename(name);
				else event.currentTarget.value = saved.name;
			}}
		/>
		<p class="hint truncate px-2 pb-1 lg:hidden">
			{whose} · {lieName(saved)} · {say(situation.toEdge)} + {say(situation.edgeToPin)}{over
				? ` · over ${over}`
				: ''}
		</p>
		{#if saved.called}
			<p class="hint truncate px-2 pb-1">
				Called {saved.called.words}{ratio ? `, ${ratio}` : ''}
			</p>
		{/if}
	</th>
	<td class="max-w-36 truncate max-lg:hidden" title={whose}>{whose}</td>
	<td class="whitespace-nowrap max-lg:hidden">{lieName(saved)}</td>
	<td class="figure text-right whitespace-nowrap max-lg:hidden">{say(situation.toEdge)}</td>
	<td class="figure text-right whitespace-nowrap max-lg:hidden">{say(situation.edgeToPin)}</td>
	<td class="max-lg:hidden">{over}</td>
	<td class="figure text-right whitespace-nowrap max-2xl:hidden"
		>{situation.stimpFeet.toFixed(1)} ft</td
	>
	<td class="whitespace-nowrap max-xl:hidden">{savedDay(saved)}</td>
	<td
		class="py-0.5 pr-0 text-right whitespace-nowrap max-lg:border-0 max-lg:pb-2 max-sm:flex max-sm:flex-wrap max-sm:justify-end max-sm:gap-x-0.5 max-sm:px-0"
	>
		<a
			class="btn h-10"
			aria-label={`Open ${saved.name}`}
			href={resolve(`/?shot=${encodeURIComponent(saved.id)}`)}>Open</a
		>
		{#if others.length > 0}
			<AlsoFor name={saved.name} {others} onchoose={onforother} />
		{/if}
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label={`Hand over ${saved.name} as a file`}
			onclick={onshare}
		>
			<Share2 size={20} aria-hidden="true" />
		</button>
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label={`Duplicate ${saved.name}`}
			onclick={onduplicate}
		>
			<Copy size={20} aria-hidden="true" />
		</button>
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label={`Delete ${saved.name}`}
			onclick={onremove}
		>
			<Trash2 size={20} aria-hidden="true" />
		</button>
	</td>
</tr>
