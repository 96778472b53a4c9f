<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\Dictionary;
use Illuminate\Console\Command;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Marking\MarkingCase;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Marks answers by their keys, without a database: how a key is read can be tried on any number of cases.
 */
final class MarkCases extends Command
{
    private const MOST = 100000;

    protected $signature = 'slate:mark {file : Cases as JSON: [{"id", "answer": {form and key}, "given"}, …]}';

    protected $description = 'Mark answers by their keys, and say why';

    public function handle(Dictionary $dictionary): int
    {
        $path = (string) $this->argument('file');
        $json = is_file($path) ? (string) file_get_contents($path) : null;
        try {
            $cases = Fields::of(['cases' => $json === null ? null : json_decode($json, true)])
                ->objects('cases', self::MOST);
        } catch (InvalidJson) {
            $this->error("{$path} holds no list of cases.");

            return self::FAILURE;
        }
        $verdicts = array_map(fn (Fields $case): array => $this->verdict($case, $dictionary), $cases);
        $this->output->writeln(
            json_encode($verdicts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
                | JSON_PRETTY_PRINT),
            OutputInterface::OUTPUT_RAW,
        );

        return array_filter($verdicts, fn (array $one): bool => isset($one['error'])) === []
            ? self::SUCCESS
            : self::FAILURE;
    }

    /** @return array<string, mixed> */
    private function verdict(Fields $case, Dictionary $dictionary): array
    {
        try {
            return MarkingCase::decode($case)->marked($dictionary);
        } catch (InvalidJson $problem) {
            return ['id' => $case->all()['id'] ?? null, 'error' => $problem->getMessage()];
        }
    }
}
