<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Kindred\Command\Command;
use Kindred\Command\Commands;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** An edit as it is sent: commands, and the latest edit that the sender had seen. */
final class EditRequest extends FormRequest
{
    public const MAX_COMMANDS = 50;

    public const MAX_TIMES = 20;

    /** Commands are read by their own readers, which know more than rules could say. */
    public function validateResolved(): void
    {
    }

    /** @return non-empty-list<Command> */
    public function commands(): array
    {
        $commands = $this->reader()->list('commands', Commands::read(...), 1, self::MAX_COMMANDS);

        return $commands === [] ? throw new InvalidInput('commands', 'at least one command is expected') : $commands;
    }

    public function base(): int
    {
        return $this->reader()->whole('base', 0, PHP_INT_MAX);
    }

    public function token(): ?string
    {
        return $this->reader()->has('token') ? $this->reader()->string('token', 64, false) : null;
    }

    /** How many steps are undone or redone at once. */
    public function times(): int
    {
        return $this->reader()->has('times') ? $this->reader()->whole('times', 1, self::MAX_TIMES) : 1;
    }

    /** @return list<int> later edits than `base` that the sender made and had answered */
    public function own(): array
    {
        return array_map(intval(...), $this->reader()->numbers('own', 500));
    }

    private function reader(): Reader
    {
        return Reader::of($this->json()->all());
    }
}
