import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 4810);

export default defineConfig({
	testDir: 'e2e',
	outputDir: 'test-results/e2e',
	workers: 1,
	fullyParallel: false,
	forbidOnly: !!process.env.CI,
	timeout: 120_000,
	reporter: [['list']],
	use: {
		actionTimeout: 8_000,
		navigationTimeout: 20_000,
		baseURL: `http://127.0.0.1:${port}`,
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
	},
	webServer: {
		command: 'rm -rf test-results/e2e-data && node scripts/start.mjs',
		url: `http://127.0.0.1:${port}/health`,
		timeout: 60_000,
		reuseExistingServer: false,
		gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
		env: {
			ALMACEN_PORT: String(port),
			ALMACEN_DATA: 'test-results/e2e-data',
			// where the simulated shop answers while a test runs it
			ALMACEN_SHOP: `http://127.0.0.1:${port + 50}`
		}
	}
});
