<script lang="ts">
	import { createForm } from '@tanstack/svelte-form';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { SPUN_BACK, type SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import { typedSpotSchema } from './typedSpot';

	interface Props {
		bench: SessionBench;
	}
	const { bench }: Props = $props();

	const id = $props.id();
	const style = $derived(playing.style);
	const wantsLanding = $derived(bench.asks !== 'finish');
	const wantsStop = $derived(bench.asks !== 'landing');
	const spot = $derived(typedSpotSchema(style, wantsLanding));
	/** What was asked about and may be noted all the same. */
	let asked = $state('');

	const form = createForm(() => ({
		defaultValues: { landed: '', stopped: '', side: '' },
		canSubmitWhenInvalid: true,
		validators: { onSubmit: spot },
		onSubmit: ({ value, formApi }) => {
			const { landed, stopped, side } = spot.parse(value);
			const doubt = landed !== null && stopped !== null && landed - stopped > SPUN_BACK;
			const key = Object.values(value).join('/');
			if (doubt && asked !== key) {
				asked = key;
				return;
			}
			const right = side ?? 0;
			bench.note({
				landed: landed === null ? null : [landed, right],
				finished: stopped === null ? null : [stopped, right],
				source: 'typed'
			});
			asked = '';
			formApi.reset();
			document.getElementById(`${id}-first`)?.focus();
		}
	}));
	const errors = form.useSelector(({ fieldMeta }) =>
		Object.values(fieldMeta).flatMap((meta) => meta.errors)
	);
	const problem = $derived(
		errors.current[0]?.message ??
			(asked
				? 'It stopped well short of where it landed. If it spun back so far, note it again.'
				: '')
	);
</script>

{#snippet figure(name: 'landed' | 'stopped' | 'side', label: string, first: boolean)}
	<form.Field {name}>
		{#snippet children(field)}
			<label class="grid text-[0.8125rem] text-(--faint)"
				>{label}
				<input
					id={first ? `${id}-first` : undefined}
					class="figure input w-full text-lg text-(--ink)"
					inputmode={name === 'side' ? 'text' : 'decimal'}
					autocomplete="off"
					placeholder={name === 'side' ? '− left' : undefined}
					aria-invalid={field.state.meta.errors.length > 0 ? 'true' : undefined}
					value={field.state.value}
					oninput={(event) => {
						asked = '';
						field.handleChange(event.currentTarget.value);
					}}
				/></label
			>
		{/snippet}
	</form.Field>
{/snippet}

<form
	class="grid grid-cols-[repeat(auto-fit,minmax(5.5rem,1fr))] items-end gap-2"
	onsubmit={(event) => {
		event.preventDefault();
		void form.handleSubmit();
	}}
>
	{#if wantsLanding}{@render figure('landed', `Landed, ${style.symbol}`, true)}{/if}
	{#if wantsStop}{@render figure('stopped', `Stopped, ${style.symbol}`, !wantsLanding)}{/if}
	{@render figure('side', 'Right of line', false)}
	<button type="submit" class="btn">Note it</button>
</form>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
