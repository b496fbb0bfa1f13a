/** A thread of the server that works out plans, so that pages and other requests are answered meanwhile. */
import { worker } from 'workerpool';
import { answerPlan } from '../files/planApi/answer';

worker({ answerPlan });
