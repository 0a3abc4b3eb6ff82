<script lang="ts">
	import type { SubmitFunction } from '@sveltejs/kit';
	import { enhance } from '$app/forms';
	import CameraIcon from '@lucide/svelte/icons/camera';
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import { smallerPhoto } from './smaller-photo';

	let { has, message }: { has: boolean; message: string | undefined } = $props();
	let form = $state<HTMLFormElement>();
	let problem = $state('');

	/** the photo is made small here, before it is sent */
	const send: SubmitFunction = async ({ formData, cancel }) => {
		problem = '';
		const file = formData.get('file');
		const small = file instanceof File && file.size > 0 ? await smallerPhoto(file) : null;
		if (!small) {
			problem = w.dishPicture.notAPicture;
			cancel();
			return;
		}
		formData.set('file', small, 'photo.jpg');
		return ({ update }) => update();
	};
</script>

<form
	method="POST"
	action="?/picture"
	enctype="multipart/form-data"
	class="photo"
	bind:this={form}
	use:enhance={send}
>
	<label class="press quiet">
		<CameraIcon size={18} aria-hidden="true" />{w.dishPicture.add}
		<input
			type="file"
			name="file"
			accept="image/*"
			class="sr-only"
			onchange={() => form?.requestSubmit()}
		/>
	</label>
</form>
{#if has}
	<form method="POST" action="?/noPicture" use:enhance>
		<Press type="submit" look="bare">{w.dishPicture.remove}</Press>
	</form>
{/if}
{#if problem || message}<p class="entry-error" role="alert">{problem || message}</p>{/if}

<style>
	.photo label:focus-within {
		outline: 3px solid var(--cold);
	}
</style>
