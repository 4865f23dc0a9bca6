/** What stands in the catalogues of a language, by key. */
import { execFileSync } from 'node:child_process';

const READ = `
$all = [];
$flat = function (array $some, string $before) use (&$flat, &$all): void {
    foreach ($some as $key => $one) {
        is_array($one) ? $flat($one, "$before$key.") : $all["$before$key"] = $one;
    }
};
// What a language does not have yet is said in English.
foreach ([...glob('lang/en/*.php'), ...glob("lang/$argv[1]/*.php")] as $file) {
    $flat(require $file, basename($file, '.php') . '.');
}
echo json_encode($all);
`;
export const allOf = (language: string) =>
    JSON.parse(execFileSync(process.env.PHP ?? 'php8.2', ['-r', READ, language], { encoding: 'utf8' })) as Record<
        string,
        string
    >;
