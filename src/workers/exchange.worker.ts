import { expose } from 'comlink';
import { exchangeWork } from './exchange-work';

expose(exchangeWork);
