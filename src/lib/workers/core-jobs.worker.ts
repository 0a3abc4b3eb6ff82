import { parentPort } from 'node:worker_threads';
import { answerCoreRequest } from './core-jobs.ts';
import type { CoreReply, CoreRequest } from './protocol.ts';

const post = (reply: CoreReply) => parentPort?.postMessage(reply);
parentPort?.on('message', (request: CoreRequest) => post(answerCoreRequest(request, post)));
