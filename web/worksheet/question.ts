import type { Schema } from '../lib/api';
import { newKey } from '../lib/key';

/** A question before it is written. */
export const newQuestion = (): Schema['Question'] => ({
    key: `q-${newKey().slice(0, 8)}`,
    kind: 'short',
    label: '',
    help: '',
    required: false,
    on_run_sheet: true,
    choices: [],
});
