import { defineConfig } from 'vite';

/** Bundles what the server runs in worker threads beside the built server. */
export default defineConfig({
	build: {
		ssr: 'src/lib/workers/core-jobs.worker.ts',
		outDir: 'build/workers',
		emptyOutDir: true,
		target: 'node20',
		rollupOptions: { output: { entryFileNames: 'core-jobs.js' } }
	}
});
