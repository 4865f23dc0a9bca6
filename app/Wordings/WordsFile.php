<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\FileNotRead;
use App\Framework\Languages;
use App\Framework\Pattern;
use App\Framework\Said;
use App\Framework\Words;
use Gettext\Generator\PoGenerator;
use Gettext\Loader\StrictPoLoader;
use Gettext\Translation;
use Gettext\Translations;

/**
 * All sentences of a language as translators’ programs read and write them: gettext’s PO (GNU gettext’s manual, “The
 * Format of PO Files”). The context is the sentence's place in our catalogues, the original is ours in English.
 */
final readonly class WordsFile
{
    /** Faults, and what is left as it is, that are named one by one; the rest is counted. */
    private const NAMED = 30;

    /**
     * @param  array<string, string>  $before  texts that would be another, by key, as they are said now
     * @param  array<string, string>  $after  the same, as the file has them
     * @param  list<string>  $faults  by their lines; while there is one, nothing can be taken
     * @param  list<string>  $notes  what stays as it is, and why
     */
    private function __construct(
        public string $language,
        public array $before,
        public array $after,
        public array $faults,
        public array $notes,
    ) {}

    /** @param  array<string, string>  $own  the school's own texts by key */
    public static function of(string $language, array $own): string
    {
        $all = Translations::create(null, $language);
        $all->getHeaders()->set('Content-Type', 'text/plain; charset=UTF-8');
        $all->getHeaders()->set('Content-Transfer-Encoding', '8bit');
        $all->getHeaders()->set('MIME-Version', '1.0');
        $english = Ours::in('en');
        foreach (Ours::in($language) as $key => $ours) {
            $one = Translation::create($key, $english[$key] ?? $ours);
            $one->translate($own[$key] ?? $ours);
            $one->getExtractedComments()->add(...Stands::of($key));
            if (isset($own[$key])) {
                $one->getComments()->add(...explode("\n", Words::say('wordings.file_ours', ['text' => $ours])));
            }
            $all->add($one);
        }

        return (new PoGenerator())->generateString($all);
    }

    /**
     * @param  \Closure(string): array<string, string>  $own  the school's own texts by key, of a language
     *
     * @throws FileNotRead where it is no such file, or of no language that there is
     */
    public static function read(string $bytes, \Closure $own): self
    {
        $text = str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes;
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new FileNotRead(Words::say('wordings.file_letters'));
        }
        $loader = new StrictPoLoader();
        $loader->displayErrorLine = true;
        try {
            $all = $loader->loadString($text);
        } catch (\Exception | \ValueError $failure) {
            preg_match('/at line (\d+)/', $failure->getMessage(), $line);
            throw new FileNotRead(Words::say('wordings.file_not_read', ['line' => $line[1] ?? 'none']));
        }
        $said = (string) $all->getLanguage();
        $language = in_array($said, Languages::offered(), true) ? $said : Languages::spoken($said);
        if ($language === null || !in_array($language, Languages::offered(), true)) {
            throw new FileNotRead(
                Words::say('wordings.file_language', ['language' => mb_strimwidth($said, 0, 40, '…')]),
            );
        }

        return self::looked($language, $all, self::lines($text), $own($language));
    }

    /** By which it is known that what was looked at is what is taken. */
    public function digest(): string
    {
        return hash('sha256', json_encode([$this->language, $this->before, $this->after], JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, int>  $lines  where each key stands
     * @param  array<string, string>  $own
     */
    private static function looked(string $language, Translations $all, array $lines, array $own): self
    {
        $ours = Ours::in($language);
        $english = Ours::in('en');
        $faults = $changed = $strange = $unsure = $before = $after = [];
        foreach ($all->getTranslations() as $one) {
            $key = (string) $one->getContext();
            $text = Pattern::typed((string) $one->getTranslation());
            if ($one->isDisabled() || $text->text === '' || $text->text === ($own[$key] ?? ($ours[$key] ?? null))) {
                continue;
            }
            if (!isset($ours[$key])) {
                $strange[] = $key === '' ? mb_strimwidth($one->getOriginal(), 0, 40, '…') : $key;
            } elseif ($one->getOriginal() !== ($english[$key] ?? $ours[$key])) {
                // It was written for another sentence than the one that is said there today.
                $changed[] = $key;
            } elseif ($one->getFlags()->has('fuzzy')) {
                $unsure[] = $key;
            } elseif (($wrong = WriteWordings::faults($language, $key, $text)) !== []) {
                $faults[] = Words::say('wordings.file_fault', [
                    'line' => $lines[$key] ?? 0,
                    'key' => $key,
                    'why' => implode(' ', array_map(strval(...), $wrong)),
                ]);
            } else {
                [$before[$key], $after[$key]] = [$own[$key] ?? $ours[$key], $text->text];
            }
        }
        $notes = [];
        foreach (['strange' => $strange, 'changed' => $changed, 'unsure' => $unsure] as $why => $keys) {
            if ($keys !== []) {
                $notes[] = (string) new Said("wordings.file_$why", [
                    'count' => count($keys),
                    'keys' => implode(', ', array_slice($keys, 0, self::NAMED)),
                    'more' => max(0, count($keys) - self::NAMED),
                ]);
            }
        }
        $more = count($faults) - self::NAMED;
        $named = array_slice($faults, 0, self::NAMED);

        return new self(
            $language,
            $before,
            $after,
            $more > 0 ? [...$named, Words::say('wordings.file_faults_more', ['more' => $more])] : $named,
            $notes,
        );
    }

    /** @return array<string, int> the line at which each context stands */
    private static function lines(string $text): array
    {
        $lines = [];
        foreach (explode("\n", $text) as $at => $line) {
            if (preg_match('/^\s*msgctxt\s+"([\w.]+)"/', $line, $key) === 1) {
                $lines[$key[1]] = $at + 1;
            }
        }

        return $lines;
    }
}
