<script lang="ts">
	import * as w from '$lib/present/wording';
	import { enhance } from '$app/forms';
	import { instantText } from '$lib/present/time';
	import Choice from '$lib/ui/kit/Choice.svelte';
	import Field from '$lib/ui/kit/Field.svelte';
	import PageHead from '$lib/ui/kit/PageHead.svelte';
	import Press from '$lib/ui/kit/Press.svelte';
	import QrCode from '$lib/ui/kit/QrCode.svelte';
	import { clock } from '$lib/ui/shell/clock.svelte';
	import { look, type Look } from '$lib/ui/shell/look.svelte';
	import type { PageProps } from './$types';

	/** what programs can ask for, for programs */
	const described = '/api/v1/openapi.json';
	let { data, form }: PageProps = $props();
	$effect(() => look.read());
	const pairing = $derived(form && 'pairing' in form ? form.pairing : undefined);
	const program = $derived(form && 'program' in form ? form.program : undefined);
	const since = (ms: number) => w.devices.since({ when: instantText(ms, data.habit, clock.ms) });
	const of = (name: 'pairErrors' | 'passphraseErrors' | 'programErrors') =>
		(form && name in form ? (form as Record<string, unknown>)[name] : {}) as Record<string, string>;
</script>

<svelte:head><title>{w.household.pageTitle}</title></svelte:head>

<PageHead title={w.devices.title} />
<div class="grid items-start gap-5 lg:grid-cols-2">
	<section class="plate grid gap-3">
		<h2>{w.household.thisDevice}</h2>
		<Choice
			name="look"
			label={w.household.look}
			value={look.now}
			onchange={(event: Event) =>
				look.set((event.currentTarget as HTMLSelectElement).value as Look)}
			items={[
				{ value: 'device', name: w.household.lookDevice },
				{ value: 'light', name: w.household.light },
				{ value: 'dark', name: w.household.dark }
			]}
		/>
		<h2>{w.devices.passphraseTitle}</h2>
		{#if !data.hasPassphrase}<p>{w.devices.passphraseFirst}</p>{/if}
		<form method="POST" action="?/passphrase" class="grid gap-3" use:enhance>
			{#if data.hasPassphrase}
				<Field
					name="before"
					label={w.devices.passphraseBefore}
					type="password"
					autocomplete="current-password"
					error={of('passphraseErrors').before}
				/>
			{/if}
			<Field
				name="next"
				label={w.devices.passphraseNext}
				hint={w.devices.passphraseHint}
				type="password"
				autocomplete="new-password"
				error={of('passphraseErrors').next}
			/>
			<div class="flex items-center gap-4">
				<Press type="submit">{w.devices.passphraseSave}</Press>
				{#if form && 'passphraseSet' in form}<span role="status">{w.devices.passphraseSet}</span
					>{/if}
			</div>
		</form>
	</section>
	<section class="plate grid gap-3">
		<h2>{w.devices.comeIn}</h2>
		{#if data.hasPassphrase && data.reachable}
			<p>{w.devices.how}</p>
			{#if data.install}
				<details>
					<summary class="more font-bold">{w.devices.installFirst}</summary>
					<div class="grid justify-items-start gap-2">
						<p>{w.devices.installHow}</p>
						<QrCode code={data.install.qr} label={data.install.address} />
						<code class="break-all">{data.install.address}</code>
						<span class="quiet">{w.devices.fingerprint}</span>
						<code class="break-all">{data.install.fingerprint}</code>
					</div>
				</details>
			{/if}
			{@render nameIt('pair', w.devices.deviceExample, w.devices.show, of('pairErrors'))}
			{#if pairing}
				<div role="status" class="grid justify-items-start gap-2">
					<b>{w.devices.scan({ name: pairing.name })}</b>
					<QrCode code={pairing.qr} label={pairing.address} />
					<code class="break-all">{pairing.address}</code>
				</div>
			{/if}
		{:else}
			<p>{w.devices.notReachable}</p>
		{/if}
		{#if data.hasPassphrase}
			<h3 class="font-bold">{w.devices.listed}</h3>
			<ul class="grid gap-2">
				{#each data.devices as device (device.id)}
					{@render listed('out', device, {
						say: w.devices.signOut,
						label: w.devices.signOutNamed({ name: device.name })
					})}
				{:else}
					<li class="quiet">{w.devices.none}</li>
				{/each}
			</ul>
			<form method="POST" action="?/signOut" class="flex items-center gap-4" use:enhance>
				<Press type="submit" look="quiet">{w.household.signOutAll}</Press>
				{#if form && 'signedOut' in form}<span role="status">{w.household.signedOut}</span>{/if}
			</form>
		{/if}
	</section>
	<section class="plate grid gap-3 lg:col-span-2">
		<h2>{w.devices.programsTitle}</h2>
		<p>{w.devices.programsHow} <a href={described}>{described}</a></p>
		{@render nameIt('program', w.devices.programExample, w.devices.programAdd, of('programErrors'))}
		{#if program}
			<p role="status">
				{w.devices.programToken({ name: program.name })}
				<code class="break-all">{program.token}</code>
			</p>
		{/if}
		<ul class="grid gap-2">
			{#each data.programs as program (program.id)}
				{@render listed('programOut', program, {
					say: w.devices.programTake,
					label: w.devices.programTakeNamed({ name: program.name })
				})}
			{/each}
		</ul>
	</section>
</div>

{#snippet listed(
	action: string,
	one: { id: string; name: string; sinceMs: number; isThis?: boolean },
	button: { say: string; label: string }
)}
	<li>
		<form method="POST" action="?/{action}" class="flex flex-wrap items-center gap-x-4" use:enhance>
			<input type="hidden" name="id" value={one.id} />
			<span class="grow">
				{one.name}
				<span class="quiet">{since(one.sinceMs)}{one.isThis ? `, ${w.devices.thisOne}` : ''}</span>
			</span>
			<Press type="submit" look="quiet" aria-label={button.label}>{button.say}</Press>
		</form>
	</li>
{/snippet}

{#snippet nameIt(action: string, example: string, say: string, errors: Record<string, string>)}
	<form method="POST" action="?/{action}" class="grid max-w-[420px] gap-3" use:enhance>
		<Field name="name" label={w.devices.name} placeholder={example} error={errors.name} />
		<div><Press type="submit">{say}</Press></div>
	</form>
{/snippet}
