import { defineConfig } from 'vite';

/** Bundles what the server runs in worker threads beside the built server. */
export default defineConfig({
	build: {
		ssr: 'src/lib/workers/cook-card.worker.ts',
		outDir: 'build/workers',
		emptyOutDir: true,
		target: 'node20',
		rollupOptions: { output: { entryFileNames: 'cook-card.js' } }
	}
});
