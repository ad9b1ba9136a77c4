import '@/core/model/batch/start';
import { expose } from 'comlink';
import { thread } from './thread';

expose(thread);
