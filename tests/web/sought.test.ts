import { expect, test } from 'vitest';
import { holds } from '../../web/lib/sought';
import cases from './sought.json';

test.each(cases as [string, string, boolean][])('“%s” for whoever types “%s”: %s', (text, sought, found) => {
    expect(holds(text, sought)).toBe(found);
});
