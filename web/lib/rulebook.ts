import type { Schema } from './api';

/** One field of a sheet's rules, as the server's rulebook declares it. */
export type Term = Schema['RuleTerm'];

/** The fields that have a place in a sentence of the worksheet. */
const IN_SENTENCES = new Set(
    (
        'lead_minutes lead_days lead_by lead_working furthest_days seats show_who per_student each_guardian per_visitor per_week per_month per_term per_day opens_at closes_at ' +
        'approve asked_hours guests waiting link_shown link_minutes reminders email_optional declined_entry'
    ).split(' '),
);

/** A rule that no sentence knows yet is asked for all the same, in a line of its own. */
export const besides = (rulebook: Term[]): Term[] => rulebook.filter((term) => !IN_SENTENCES.has(term.name));
