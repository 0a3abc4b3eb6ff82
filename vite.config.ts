import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	worker: { format: 'es' },
	resolve: {
		// our own classes stand outside the layers and win over the component library's: nothing is to be merged at run time
		alias: [{ find: /^tailwind-variants$/, replacement: 'tailwind-variants/lite' }]
	},
	build: {
		rollupOptions: {
			output: {
				// what most screens share is one file: many small ones compress badly and are asked for one by one
				codeSplitting: {
					groups: [{ name: 'shared', test: /\/src\/lib\/|@lucide/, minShareCount: 17 }]
				}
			},
			// the component library builds every component's styles at load; called pure, those nobody imports fall away
			treeshake: {
				manualPureFunctions: ['tv'],
				// words, tables and schemas are only read: a page takes along those of its own station
				moduleSideEffects: (id) => !/\/src\/lib\/(present|core|schemas|formats)\//.test(id)
			}
		}
	},
	server: { host: '127.0.0.1' },
	preview: { host: '127.0.0.1' }
});
