<?php

declare(strict_types=1);

/**
 * The figures of one round as a picture: two bars each, one above the other, on one scale.
 *
 * @param  array<string, mixed>  $row  of bin/recess bench rounds
 */
function picture(array $row): string
{
    $lines = [
        ['wishes granted', 'granted', $row['wishes'], '%d of ' . $row['wishes']],
        ['first wishes granted', 'first wishes', $row['families'], '%d of ' . $row['families']],
        ['families with nothing', 'families with none', $row['families'], '%d'],
        ['minutes of waiting, each family', 'waiting', 120, '%.0f'],
        ['minutes at school, each family', 'at school', 120, '%.0f'],
    ];
    $svg = '';
    foreach ($lines as $i => [$title, $key, $full, $format]) {
        $y = 60 + $i * 66;
        $svg .= sprintf('<text x="24" y="%d" class="t">%s</text>', $y, $title);
        foreach (['allotted' => '#1f5c4a', 'first come' => '#a9b5ae'] as $name => $colour) {
            $y += 18;
            $width = min(1, $row[$name][$key] / $full) * 460;
            $said =
                sprintf($format, $row[$name][$key]) .
                ', ' .
                ($name === 'allotted' ? 'allotted' : 'first come, first served');
            $svg .= sprintf(
                '<rect x="24" y="%d" width="%.1f" height="13" rx="2" fill="%s"/>',
                $y - 11,
                max(1, $width),
                $colour,
            );
            $svg .= sprintf('<text x="%.1f" y="%d" class="v">%s</text>', 32 + max(1, $width), $y, $said);
        }
    }

    return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 760 390" role="img" aria-label="An allotted round beside first come, first served">' .
        '<style>text{font-family:"Atkinson Hyperlegible Next",system-ui,sans-serif;fill:#1d2a26}' .
        '.h{font-size:17px;font-weight:600}.t{font-size:14px}.v{font-size:12px;fill:#5d6a64}</style>' .
        '<rect width="760" height="390" fill="#fbf8f1"/>' .
        sprintf(
            '<text x="24" y="30" class="h">%d teachers, %d families, %d wishes: two evenings</text>',
            $row['hosts'],
            $row['families'],
            $row['wishes'],
        ) .
        $svg .
        "</svg>\n";
}
