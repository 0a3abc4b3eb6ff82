<script lang="ts">
	import * as w from '$lib/present/wording';
	import Press from '../kit/Press.svelte';
	import { codeInPicture } from './read-code';

	let { found }: { found: (code: string) => void } = $props();
	const say = w.scan;
	/** pictures a second are looked at */
	const everyMs = 250;
	let video = $state<HTMLVideoElement>();
	let stream = $state.raw<MediaStream | null>(null);
	let message = $state('');
	let busy = $state(false);
	/** a camera is only given to pages over a secure connection, or on this very machine */
	const cameraAllowed =
		typeof navigator !== 'undefined' && Boolean(navigator.mediaDevices?.getUserMedia);

	async function camera(): Promise<void> {
		message = '';
		try {
			stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
		} catch (error) {
			if (!(error instanceof DOMException)) throw error;
			message = error.name === 'NotAllowedError' ? say.refused : say.noCamera;
		}
	}

	$effect(() => {
		if (!stream || !video) return;
		const [shown, screen] = [stream, video];
		screen.srcObject = shown;
		void screen.play();
		const canvas = document.createElement('canvas');
		const context = canvas.getContext('2d', { willReadFrequently: true });
		let looking = false;
		const timer = setInterval(() => {
			if (looking || !context || screen.videoWidth === 0) return;
			looking = true;
			canvas.width = screen.videoWidth;
			canvas.height = screen.videoHeight;
			context.drawImage(screen, 0, 0);
			codeInPicture(context.getImageData(0, 0, canvas.width, canvas.height))
				.then((code) => {
					if (code) found(code);
				})
				.catch((error: unknown) => console.error(error))
				.finally(() => (looking = false));
		}, everyMs);
		return () => {
			clearInterval(timer);
			for (const track of shown.getTracks()) track.stop();
		};
	});

	async function picture(event: Event): Promise<void> {
		const input = event.currentTarget as HTMLInputElement;
		const file = input.files?.[0];
		if (!file) return;
		busy = true;
		message = '';
		try {
			const code = await codeInPicture(file);
			if (code) found(code);
			else message = say.nothing;
		} catch (error) {
			console.error(error);
			message = say.notAPicture;
		} finally {
			busy = false;
			input.value = '';
		}
	}
</script>

<div class="grid gap-4">
	{#if stream}
		<video bind:this={video} playsinline muted aria-label={say.view}></video>
		<Press onclick={() => (stream = null)}>{say.stop}</Press>
	{:else if cameraAllowed}
		<Press first onclick={camera}>{say.camera}</Press>
	{:else}
		<p class="quiet">{say.needsSecure}</p>
	{/if}
	<label class="grid gap-1">
		<span class="entry-label">{say.photo}</span>
		<input type="file" accept="image/*" capture="environment" onchange={picture} disabled={busy} />
	</label>
	{#if busy}<p role="status" class="quiet">{say.looking}</p>{/if}
	{#if message}<p class="entry-error" role="alert">{message}</p>{/if}
</div>

<style>
	video {
		width: 100%;
		max-width: 480px;
		border: 2px solid var(--rim);
		border-radius: 8px;
	}
	input[type='file'] {
		min-height: 48px;
	}
</style>
