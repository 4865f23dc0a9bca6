import { execFileSync } from 'node:child_process';
import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { expect, test } from 'vitest';

/** School years after which a text is read easily, at most. */
const GRADE = 6;

/** Every sentence that a letter to families says first, in every way that its catalogue has. */
const sent = JSON.parse(
    execFileSync(process.env.PHP ?? 'php8.2', ['ops/sentences.php'], { encoding: 'utf8' }),
) as Record<string, string[]>;

// Kincaid and others, Derivation of new readability formulas for Navy enlisted personnel, 1975; the package's reckoning.
function grade(text: string): number {
    const words = text.match(/[\p{L}\p{N}’'@.-]*[\p{L}\p{N}]/gu) ?? [];
    const sentences = text.split(/[.!?:]+(?:\s|$)/).filter((one) => one.trim() !== '');
    return fleschKincaid({
        sentence: sentences.length,
        word: words.length,
        syllable: syllable(words.join(' ')),
    });
}

test('what families are sent is read after six years of school', () => {
    const all = Object.entries(sent).flatMap(([key, ways]) => ways.map((way) => ({ key, way, grade: grade(way) })));
    expect(all.length).toBeGreaterThan(60);
    expect(all.filter((one) => one.grade > GRADE)).toEqual([]);
});

test('a sentence as offices write them is not', () => {
    expect(
        grade(
            'Notwithstanding the foregoing, availability of appointments is contingent upon confirmation by the administration of the institution concerned.',
        ),
    ).toBeGreaterThan(GRADE * 2);
});
