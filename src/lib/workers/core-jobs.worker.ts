import { parentPort } from 'node:worker_threads';
import { answerCoreRequest } from './core-jobs.ts';

parentPort?.on('message', (request) => parentPort?.postMessage(answerCoreRequest(request)));
