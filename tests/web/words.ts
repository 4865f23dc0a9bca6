/** Before each file of tests: what pages say, in English, as a document would bring it. */
import { plurals } from '../../ops/page-words.mjs';
import { learn } from '../../web/lib/say';
import { allOf } from './catalogues';

export const all = allOf('en');
learn({ ...all, plurals: plurals('en') });
