<script lang="ts">
	import { STRIKE_TAGS } from '$lib/core/practice/practised';
	import type { Play, Round } from '$lib/io/log/play';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import { TAG_WORDS } from '$lib/io/words/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { monthWords, noonOf } from '$lib/ui/format/dates';
	import {
		EVERYTHING,
		monthsOf,
		NO_MAP,
		PRACTICE,
		RESULTS,
		ROUNDS,
		type LogFilter,
		type LogNames
	} from './logFilter';
	import { roundWords } from './roundWords';

	interface Props {
		filter: LogFilter;
		plays: readonly Play[];
		rounds: readonly Round[];
		pupils: readonly { id: string; name: string }[];
		names: LogNames;
		onchange: (filter: LogFilter) => void;
	}
	const { filter, plays, rounds, pupils, names, onchange }: Props = $props();

	const put = (part: Partial<LogFilter>) => onchange({ ...filter, ...part });
	const choices = (all: string, rows: readonly { value: string; label: string }[]) => [
		{ value: '', label: all },
		...rows
	];
	const own = $derived(
		filter.pupil === '' ? plays : plays.filter(({ pupilId }) => pupilId === filter.pupil)
	);
	const clubs = $derived([...new Set(own.map(({ clubId }) => names.club(clubId)))].sort());
	const lies = $derived(new Set(own.map(({ lie }) => lie)));
	const greens = $derived([...new Set(own.map(({ shot }) => shot.place?.greenId ?? NO_MAP))]);
	const ownRounds = $derived(
		rounds.filter(({ pupilId }) => filter.pupil === '' || pupilId === filter.pupil)
	);
	const more = $derived(
		[filter.club, filter.lie, filter.green, filter.result, filter.tag].filter(Boolean).length
	);
	const narrowed = $derived(
		Object.entries(filter).some(([field, value]) => field !== 'pupil' && value !== '')
	);
</script>

<div class="grid gap-2">
	<div class="grid grid-cols-2 items-end gap-x-4 gap-y-2 lg:grid-cols-4">
		<ChoiceField
			label="Whose"
			value={filter.pupil}
			options={choices(
				'Everybody',
				pupils.map(({ id, name }) => ({ value: id, label: name }))
			)}
			onchange={(pupil) => put({ pupil, club: '', where: '' })}
		/>
		<ChoiceField
			label="When"
			value={filter.month}
			options={choices(
				'Always',
				monthsOf(own).map((month) => ({
					value: month,
					label: monthWords(noonOf(`${month}-01`))
				}))
			)}
			onchange={(month) => put({ month })}
		/>
		<ChoiceField
			label="Round or practice"
			value={filter.where}
			options={choices('Both', [
				{ value: PRACTICE, label: 'Practice' },
				{ value: ROUNDS, label: 'All rounds' },
				...ownRounds.map((round) => ({ value: round.id, label: roundWords(round) }))
			])}
			onchange={(where) => put({ where })}
		/>
		<label class="grid gap-0.5">
			<span class="label text-[0.8125rem]">Search</span>
			<input
				type="search"
				class="input w-full"
				value={filter.text}
				oninput={(event) => put({ text: event.currentTarget.value })}
			/>
		</label>
	</div>
	<details>
		<summary class="cursor-pointer py-2 font-semibold"
			>Club, lie, green, result, strike{more > 0 ? ` (${more} chosen)` : ''}</summary
		>
		<div class="grid grid-cols-2 gap-x-4 gap-y-2 lg:grid-cols-5">
			<ChoiceField
				label="Club"
				value={filter.club}
				options={choices(
					'Any club',
					clubs.map((name) => ({ value: name, label: name }))
				)}
				onchange={(club) => put({ club })}
			/>
			<ChoiceField
				label="Lie"
				value={filter.lie}
				options={choices(
					'Any lie',
					LIE_WORDS.filter(({ id }) => lies.has(id)).map(({ id, name }) => ({
						value: id,
						label: name
					}))
				)}
				onchange={(lie) => put({ lie })}
			/>
			<ChoiceField
				label="On"
				value={filter.green}
				options={choices(
					'Any ground',
					greens.map((id) => ({
						value: id,
						label: id === NO_MAP ? 'Without a map' : names.green(id)
					}))
				)}
				onchange={(green) => put({ green })}
			/>
			<ChoiceField
				label="Result"
				value={filter.result}
				options={choices(
					'Any result',
					RESULTS.map(({ id, label }) => ({ value: id, label }))
				)}
				onchange={(result) => put({ result })}
			/>
			<ChoiceField
				label="Strike"
				value={filter.tag}
				options={choices(
					'Any strike',
					STRIKE_TAGS.map((tag) => ({ value: tag, label: TAG_WORDS[tag] }))
				)}
				onchange={(tag) => put({ tag })}
			/>
		</div>
	</details>
	{#if narrowed}
		<button
			type="button"
			class="btn justify-self-start"
			onclick={() => onchange({ ...EVERYTHING, pupil: filter.pupil })}>Show all again</button
		>
	{/if}
</div>
