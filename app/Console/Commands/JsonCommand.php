<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use Illuminate\Console\Command;
use JsonException;
use NimbleShelf\Core\Exception\CoreException;

/**
 * Reads one JSON object on standard input and writes one on standard output.
 *
 * Exits 0; bad input exits 2 with `{"error": {"field": …, "message": …}}` and nothing else.
 */
abstract class JsonCommand extends Command
{
    private const BAD_INPUT = 2;

    /** @return array<string, mixed> */
    abstract protected function answer(Fields $asked): array;

    final public function handle(): int
    {
        try {
            $data = json_decode((string) file_get_contents('php://stdin'), true, flags: JSON_THROW_ON_ERROR);
            if (! is_array($data) || ($data !== [] && array_is_list($data))) {
                return $this->refuse('', 'One JSON object is expected on standard input.');
            }
            $this->write($this->answer(new Fields($data)));
        } catch (JsonException $broken) {
            return $this->refuse('', 'Standard input is not JSON: '.$broken->getMessage().'.');
        } catch (CoreException $refused) {
            return $this->refuse($refused->field(), $refused->getMessage());
        }

        return self::SUCCESS;
    }

    private function refuse(string $field, string $message): int
    {
        $this->write(['error' => ['field' => $field, 'message' => $message]]);

        return self::BAD_INPUT;
    }

    /** @param  array<string, mixed>  $answer */
    private function write(array $answer): void
    {
        $this->output->writeln(
            json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION),
        );
    }
}
