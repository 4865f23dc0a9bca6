import { beforeEach, describe, expect, it } from 'vitest';
import { Choices, type Day, type Start } from '../../web/knock/choices.svelte';

/** A start at a minute of the ruler, with the lengths that fit there. */
const start = (day: string, at: number, ...lengths: number[]): Start => ({
    key: `${day}T${at}`,
    at,
    from: `${at}`,
    ends: lengths.map((minutes) => ({ minutes, until: `${at + minutes}` })),
});
const day = (date: string, label: string, starts: Start[]): Day => ({ date, label, starts }) as unknown as Day;

/** Thursday free from 0 to 60 in quarters, half an hour fitting up to 30; Friday a quarter of an hour alone, at 90. */
const days = () => [
    day('03', 'Thu', [start('03', 0, 15, 30), start('03', 15, 15, 30), start('03', 30, 15, 30), start('03', 45, 15)]),
    day('04', 'Fri', [start('04', 90, 15)]),
    day('05', 'Sat', []),
    day('06', 'Sun', [start('06', 30, 15, 30)]),
];

describe('times that are put on the rulers', () => {
    let choices: Choices;
    let changes: number;
    const put = () => choices.list.map((one) => `${one.day} ${one.from} for ${one.minutes}`);

    beforeEach(() => {
        changes = 0;
        choices = new Choices(3, () => changes++);
        choices.days = days();
        choices.minutes = 30;
    });

    it.each([
        ['where it is pressed', 20, ['Thu 0 for 30'], ''],
        ['in the middle of what is pressed', 30, ['Thu 15 for 30'], ''],
        ['as near as it fits', 59, ['Thu 30 for 30'], ''],
    ])('lands %s', (_, at, list, said) => {
        choices.put(choices.days[0]!, at);
        expect([put(), choices.said, changes]).toEqual([list, said, 1]);
    });

    it('is shorter where there is no room, and says so; where nothing fits nothing is put', () => {
        choices.put(choices.days[1]!, 100);
        expect([put(), choices.said]).toEqual([['Fri 90 for 15'], 'Only 15 minutes fit there.']);
        choices.add();
        choices.at = 1;
        choices.put(choices.days[2]!, 0);
        expect([choices.list.length, choices.said]).toEqual([2, 'Nothing fits on that day any more.']);
    });

    it('never lies on another of them, however it is put, stepped, stretched or added', () => {
        choices.minutes = 15;
        choices.put(choices.days[0]!, 5);
        choices.add();
        choices.add();
        expect(put()).toEqual(['Thu 0 for 15', 'Thu 15 for 15', 'Thu 30 for 15']);
        choices.add();
        expect(choices.list).toHaveLength(3);
        choices.at = 1;
        choices.step(1);
        expect(put()[1]).toBe('Thu 45 for 15');
        choices.step('first');
        choices.stretch(1);
        expect(put()[1]).toBe('Thu 15 for 15');
        choices.remove(2);
        choices.at = 1;
        choices.stretch(1);
        expect(put()).toEqual(['Thu 0 for 15', 'Thu 15 for 30']);
    });

    it('goes to the next day on which it fits, and no further than there are days', () => {
        choices.put(choices.days[0]!, 45);
        choices.toDay(1);
        expect(put()).toEqual(['Sun 30 for 30']);
        choices.toDay(1);
        choices.toDay(-1);
        expect(put()).toEqual(['Thu 30 for 30']);
    });

    it('stands as long as its day is not drawn otherwise', () => {
        choices.put(choices.days[0]!, 15);
        const one = choices.list[0]!;
        expect(choices.stands(one)).toBe(true);
        choices.days = [days()[1]!];
        expect(choices.stands(one)).toBe(true);
        choices.days = [day('03', 'Thu', [start('03', 0, 15)])];
        expect(choices.stands(one)).toBe(false);
    });

    it('gets another length where that fits, and keeps its own where it does not', () => {
        choices.minutes = 15;
        choices.put(choices.days[0]!, 5);
        choices.put(choices.days[0]!, 5);
        choices.add();
        choices.wish(30);
        expect(put()).toEqual(['Thu 0 for 15', 'Thu 15 for 30']);
        expect(choices.minutes).toBe(30);
    });
});
