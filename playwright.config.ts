import { defineConfig } from '@playwright/test';

export default defineConfig({
	testDir: 'e2e',
	outputDir: 'test-results/e2e',
	globalSetup: './e2e/global-setup.ts',
	workers: 2,
	fullyParallel: false,
	forbidOnly: !!process.env.CI,
	timeout: 300_000,
	// a busy machine takes its time to compute a cook card or another pot; what is there is seen at once all the same
	expect: { timeout: 60_000 },
	reporter: [['list']],
	use: {
		// the journeys look at what the server says; the worker has a journey of its own
		serviceWorkers: 'block',
		actionTimeout: 60_000,
		navigationTimeout: 60_000,
		viewport: { width: 1280, height: 800 },
		launchOptions: {
			executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
			args: [
				'--no-sandbox',
				'--disable-dev-shm-usage',
				'--disable-background-networking',
				'--disable-sync'
			]
		}
	}
});
