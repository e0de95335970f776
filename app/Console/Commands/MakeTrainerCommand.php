<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Support\TrainerRules;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** Makes an account for a trainer. Everything is asked for, so that no password stands in a shell's history. */
final class MakeTrainerCommand extends Command
{
    protected $signature = 'nimble:trainer {--first : Only where nobody has an account yet}';

    protected $description = 'Makes an account: asks for name, e-mail address and password';

    public function handle(): int
    {
        if ($this->option('first') === true) {
            if (User::query()->exists()) {
                return self::SUCCESS;
            }
            $this->line('Nobody has an account here yet.');
        }
        $asks = [
            'name' => fn (): mixed => $this->ask('Your name'),
            'email' => fn (): mixed => $this->ask('E-mail address to sign in with'),
            'password' => fn (): mixed => $this->secret(
                sprintf('Password, at least %d characters (it is not shown)', TrainerRules::PASSWORD_LENGTH),
            ),
        ];
        $said = [];
        foreach ($asks as $field => $ask) {
            $said[$field] = $this->asked($field, $ask);
            if ($said[$field] === null) {
                $this->error('No account was made.');

                return self::FAILURE;
            }
        }
        if ($this->secret('The same password again') !== $said['password']) {
            $this->error('The two passwords differ. No account was made.');

            return self::FAILURE;
        }
        User::query()->create($said);
        $this->info("{$said['name']} can sign in with {$said['email']}.");

        return self::SUCCESS;
    }

    /** Asks until the answer will do; null where three were of no use, as where nobody answers. */
    private function asked(string $field, callable $ask): ?string
    {
        for ($try = 0; $try < 3; $try++) {
            $answer = $ask();
            $answer = is_string($answer) ? trim($answer) : '';
            $said = Validator::make([$field => $answer], [$field => TrainerRules::of($field)], TrainerRules::MESSAGES);
            if ($said->passes()) {
                return $answer;
            }
            $this->error($said->errors()->first());
        }

        return null;
    }
}
