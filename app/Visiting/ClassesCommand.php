<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Models\Sheet;
use App\Models\SheetState;
use Illuminate\Console\Command;
use Illuminate\Contracts\Database\ModelIdentifier;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Contracts\Validation\ImplicitRule;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Events\Terminating;
use Illuminate\Http\Request;
use Illuminate\Log\Context\Events\ContextDehydrating;
use Illuminate\Log\Context\Repository;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Defer\DeferredCallbackCollection;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\HigherOrderCollectionProxy;
use Illuminate\Translation\PotentiallyTranslatedString;
use Illuminate\View\Component;
use Ramsey\Uuid\Lazy\LazyUuidFromString;
use Symfony\Component\Uid\UuidV4;

/**
 * Writes down which classes a visitor's requests need, for PHP to load once for all of them (ops/templates/preload.php).
 * It finds out by being a visitor: one who looks, and who wishes for a time that never was.
 */
final class ClassesCommand extends Command
{
    /** What classes without a name, inside of others, extend: PHP wants these first. */
    private const PARENTS = [ImplicitRule::class, PotentiallyTranslatedString::class, Component::class];

    /** What only a booking that is made needs. */
    private const BOOKED = [
        Repository::class,
        ContextDehydrating::class,
        ModelIdentifier::class,
        SendQueuedMailable::class,
        TransactionCommitting::class,
        TransactionCommitted::class,
        LazyUuidFromString::class,
        UuidV4::class,
        Context::class,
        HigherOrderCollectionProxy::class,
        Terminating::class,
        DeferredCallbackCollection::class,
    ];

    protected $signature = 'recess:classes {file : where to write them}';

    protected $description = 'Write down the classes that the web server should have at hand';

    protected $hidden = true;

    public function handle(Kernel $door, Filesystem $files): int
    {
        $file = $this->argument('file');
        assert(is_string($file));
        foreach ($this->requests() as $request) {
            $door->handle($request);
        }
        Queue::connection();
        array_map(static fn(string $class): bool => class_exists($class) || interface_exists($class), [
            ...self::PARENTS,
            ...self::BOOKED,
        ]);
        foreach (['app', 'core'] as $room) {
            $this->loadAll($room);
        }
        $loaded = array_filter(
            [...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()],
            $this->isOurs(...),
        );
        $files->put($file, '<?php return ' . var_export(array_values($loaded), true) . ";\n");

        return self::SUCCESS;
    }

    /** @return iterable<Request> */
    private function requests(): iterable
    {
        yield Request::create('/');
        $sheet = Sheet::query()->where('state', SheetState::Open)->first();
        if ($sheet === null) {
            return;
        }
        yield Request::create("/s/$sheet->slug");
        yield Request::create("/api/s/$sheet->slug");
        $answers = ['student' => 'Nobody', 'phone' => '+14155550123'];
        foreach ($sheet->questions as $question) {
            $answers[$question->key] ??= $question->choices[0] ?? '';
        }
        $wish = [
            'slot' => '2000-01-01T00:00:00Z',
            'place' => $sheet->places->first()?->id,
            'name' => 'Nobody',
            'email' => 'nobody@mail.example',
            'answers' => $answers,
            'request_key' => '00000000-0000-4000-8000-000000000000',
        ];
        yield Request::create(
            "/api/s/$sheet->slug/bookings",
            'POST',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: json_encode($wish, JSON_THROW_ON_ERROR),
        );
    }

    private function loadAll(string $room): void
    {
        $namespace = $room === 'core' ? 'Recess' : 'App';
        foreach ((new Filesystem())->allFiles(base_path($room)) as $file) {
            class_exists($namespace . '\\' . str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname()));
        }
    }

    /**
     * Of a file of ours or of a library, and with a name of its own.
     *
     * @param  class-string  $class
     */
    private function isOurs(string $class): bool
    {
        $file = (new \ReflectionClass($class))->getFileName();

        return $file !== false && !str_contains($class, '@') && !str_starts_with($file, storage_path());
    }
}
