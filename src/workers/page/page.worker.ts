import { expose } from 'comlink';
import { thread } from './thread';

expose(thread);
