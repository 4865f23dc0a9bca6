import { appendFileSync } from 'node:fs';

/** Writes down a figure for report.php, as figures.php does. `better` is 'more' or 'less'. */
export function figure(bench, name, value, unit, better) {
    if (process.env.RECESS_FIGURES)
        appendFileSync(process.env.RECESS_FIGURES, JSON.stringify({ bench, name, value, unit, better }) + '\n');
}
