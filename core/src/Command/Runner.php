<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Kit\Kit;
use Kindred\Layout\Consequences;
use Kindred\Layout\Shapes;

/** Carries out commands, with what they need beside the tree and with all that follows from them. */
final readonly class Runner
{
    public function __construct(private Consequences $consequences, private Kit $kit, private Shapes $shapes)
    {
    }

    /**
     * The tree after all of them, one after another, laid out.
     *
     * @throws \Kindred\Input\InvalidInput|\Kindred\Document\Missing
     */
    public function run(Tree $before, Command ...$commands): Tree
    {
        $after = $before;
        foreach ($commands as $command) {
            $after = (match (true) {
                $command instanceof UsesKit => $command->withKit($this->kit),
                $command instanceof UsesShapes => $command->withShapes($this->shapes),
                default => $command,
            })->apply($after);
        }

        return $this->consequences->of($before, $after);
    }
}
