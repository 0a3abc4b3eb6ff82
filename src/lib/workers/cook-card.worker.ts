import { parentPort } from 'node:worker_threads';
import { answerCardRequest } from './cook-card.ts';

parentPort?.on('message', (request) => parentPort?.postMessage(answerCardRequest(request)));
