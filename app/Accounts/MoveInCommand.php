<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\MailAddress;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** The first step on an empty server. Asks for what is not given; prints an address that opens once. */
final class MoveInCommand extends Command
{
    protected $signature = 'recess:move-in
        {--school= : what the school is called}
        {--zone= : its time zone, as America/Halifax}
        {--country= : two letters, as CA: how its phone numbers are read}
        {--name= : of the first person of the office}
        {--email= : their address}';

    protected $description = 'Makes the school and the first person of its office; prints the address at which they choose a password';

    private const ASKED = [
        'school' => 'What is the school called?',
        'zone' => 'In which time zone is it? (such as America/Halifax)',
        'country' => 'In which country? (two letters, such as CA)',
        'name' => 'Who is the first person of the office?',
        'email' => 'What is their e-mail address?',
    ];

    public function handle(MoveIn $moveIn): int
    {
        $given = [];
        foreach (self::ASKED as $name => $question) {
            $given[$name] = $this->option($name) ?? ($this->input->isInteractive() ? $this->ask($question) : null);
        }
        $check = Validator::make($given, MoveInRequest::ofSchool());
        if ($check->fails()) {
            foreach ($check->errors()->messages() as $name => $said) {
                $this->error("--$name: {$said[0]}");
            }

            return self::FAILURE;
        }
        try {
            $key = $moveIn(
                [
                    'name' => trim((string) $given['school']),
                    'zone' => (string) $given['zone'],
                    'country' => strtoupper((string) $given['country']),
                ],
                ['name' => trim((string) $given['name']), 'email' => (string) MailAddress::of($given['email'])],
                Clock::now(),
            );
        } catch (NotNow $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->line(Words::say('accounts.come_in', ['name' => $key->staff->name]));
        $this->line($key->link());

        return self::SUCCESS;
    }
}
