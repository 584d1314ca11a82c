<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import { format } from 'date-fns';
	import { onDestroy, onMount, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { wayOf } from '$lib/io/log/kept';
	import type { Forecast, Play, Round } from '$lib/io/log/play';
	import { newId } from '$lib/store/base/newId';
	import { keepPlay, keepRound, readLatest } from '$lib/store/shelves/log';
	import { choiceWords } from '$lib/ui/call/callWords';
	import type { Choice } from '$lib/ui/call/choices';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import ResultForm from '$lib/ui/log/ResultForm.svelte';
	import { ResultDraft } from '$lib/ui/log/state/resultDraft.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { keptForecast } from '$lib/ui/shot/state/keptForecast';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
		onkept: () => void;
	}
	const { bench, onkept }: Props = $props();

	const OTHER = 'club/';
	// What is asked and forecast stays as it stood when it was played, whatever happens to the bench meanwhile.
	const { shot, choices, chosen, file, id, name, book } = untrack(() => bench);
	const green = book?.green ?? null;
	const pin = shot.situation.toEdge + shot.situation.edgeToPin;
	const say = (metres: number) => formatLength(metres, playing.style);
	const clubs = file.clubs.filter(({ retiredAt }) => retiredAt === null);
	const planned = new Set(choices.map(({ candidate }) => candidate.play.club.id));
	const ways = [
		...choices.map((choice) => ({ value: choice.key, label: choiceWords(choice, pin, say) })),
		...clubs
			.filter((club) => !planned.has(club.id))
			.map((club) => ({ value: `${OTHER}${club.id}`, label: `${club.name}, not forecast` }))
	];

	let key = $state(chosen?.key ?? ways[0]?.value ?? '');
	const choice = $derived<Choice | null>(choices.find((one) => one.key === key) ?? null);
	const draft = new ResultDraft(
		{
			at: new Date().toISOString(),
			roundId: null,
			clubId: chosen?.candidate.play.club.id ?? clubs[0]?.id ?? '',
			lie: shot.situation.lie,
			holed: false,
			tags: [],
			notes: ''
		},
		() => choice?.candidate.play.flight !== 'putt'
	);

	let rounds = $state.raw<Round[]>([]);
	let forecast = $state.raw<Forecast | undefined>();
	let left = false;
	onDestroy(() => (left = true));

	/** The forecast of what was played. */
	async function read(asked: Choice | null) {
		forecast = undefined;
		const found = asked ? await keptForecast(bench, asked) : undefined;
		if (!left && asked === choice) forecast = found;
	}
	$effect(() => void read(choice).catch(() => {}));

	function playWith(value: string) {
		key = value;
		const clubId = choice?.candidate.play.club.id ?? value.slice(OTHER.length);
		draft.change({ clubId });
		draft.again();
	}

	onMount(async () => {
		const book = await readLatest().catch(() => null);
		if (!book || left) return;
		rounds = book.rounds.filter(({ pupilId }) => pupilId === file.pupil.id);
		// Whoever noted a shot of today's round goes on with it.
		const today = format(new Date(), 'yyyy-MM-dd');
		const last = book.plays.find(({ pupilId }) => pupilId === file.pupil.id);
		const round = rounds.find(({ id: roundId }) => roundId === last?.roundId);
		if (round?.day === today) draft.change({ roundId: round.id });
	});

	const begin = () =>
		attempt(async () => {
			const day = format(new Date(draft.value.at), 'yyyy-MM-dd');
			const round: Round = {
				id: newId(),
				pupilId: file.pupil.id,
				day,
				name: green?.name ?? '',
				notes: ''
			};
			await keepRound(round);
			rounds = [round, ...rounds];
			draft.change({ roundId: round.id });
		});

	const keep = () =>
		attempt(async () => {
			const [best] = choices;
			const made = choice ? (forecast ?? (await keptForecast(bench, choice))) : undefined;
			const play: Play = {
				id: newId(),
				pupilId: file.pupil.id,
				...draft.value,
				...(id !== null && { saved: { id, name } }),
				shot,
				...(best && { called: wayOf(best) }),
				...(choice && { played: wayOf(choice) }),
				...(made && { forecast: made })
			};
			const undo = await keepPlay(structuredClone(play));
			onkept();
			tell('Noted in the log.', { label: 'Undo', run: () => void attempt(undo) });
		});
</script>

<div class="mb-3">
	<ChoiceField label="Played with" value={key} options={ways} onchange={playWith} />
	{#if !choice}
		<p class="hint">The plan had no such shot: it is noted, but held against no forecast.</p>
	{/if}
</div>
<ResultForm
	{draft}
	{shot}
	{green}
	forecast={forecast?.balls ?? ''}
	{rounds}
	onround={() => void begin()}
/>
<div class="sticky -bottom-4 mt-3 flex items-center gap-3 bg-(--paper) pt-2 pb-4">
	<button
		type="button"
		class="btn btn-neutral btn-lg flex-1"
		disabled={!draft.known || draft.problems.length > 0}
		onclick={() => void keep()}><Check size={20} aria-hidden="true" /> Keep it</button
	>
	<a class="btn" href={resolve('/log')}>Log</a>
</div>
{#if !draft.known}
	<p class="hint">Two touches on the drawing, “Holed”, or the strokes: one of them is enough.</p>
{/if}
