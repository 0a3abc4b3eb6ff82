import { defineConfig } from '@playwright/test';

export default defineConfig({
	testDir: 'e2e',
	outputDir: 'test-results/e2e',
	globalSetup: './e2e/global-setup.ts',
	workers: 2,
	fullyParallel: false,
	forbidOnly: !!process.env.CI,
	timeout: 180_000,
	// a busy machine computes a cook card in more than the usual five seconds; what is there is seen at once all the same
	expect: { timeout: 20_000 },
	reporter: [['list']],
	use: {
		// the journeys look at what the server says; the worker has a journey of its own
		serviceWorkers: 'block',
		actionTimeout: 20_000,
		navigationTimeout: 40_000,
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
