import { expose } from 'comlink';
import { thread } from './page/thread';

expose(thread);
