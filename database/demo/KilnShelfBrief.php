<?php

declare(strict_types=1);

namespace Database\Demo;

/** The brief of the booking: why it is made, for whom, what it has to do, and which screens it needs. */
final class KilnShelfBrief
{
    /**
     * @param  array<string, string>  $layers  ids by the names of layers, the first that has the name
     * @return list<array<string, mixed>>
     */
    public static function entries(array $layers): array
    {
        return [
            self::entry('goal', 'A shelf is booked without a call', 'The studio desk takes **about thirty calls** before every glaze firing. Half of them ask for nothing but a shelf.'),
            self::entry('goal', 'Nobody brings pieces that are too tall', 'What does not fit is noticed *before* the kiln is packed.'),
            self::entry('person', 'Ilse Varn, member for two years', "Throws on Tuesday evenings, fires once a month.\n\n- books on her phone, on the bus\n- wants to know **what it costs** before she chooses"),
            self::entry('person', 'Maren Oake, studio manager', 'Packs the kiln on Friday night from a paper list. Needs a number on each slip.'),
            self::entry('finding', 'People think in shelves, not in litres', 'In nine talks eight people showed the room they need with their arms.'),
            self::entry('finding', 'E-mail addresses are mistyped', 'Three of the last twenty notices came back.'),
            self::entry('wording', 'Shelf', 'Not *slot*, not *space*. Quarter, half, whole, two.'),
            self::entry('wording', 'Bone dry', 'As members say it; never *leather hard*.'),
            self::need('A firing is chosen before anything else', [['layer', 'Firings']], $layers),
            self::need('The price is known while room is chosen', [['layer', 'Shelf'], ['layer', 'Pieces']], $layers),
            self::need('The e-mail address is asked twice', [['layer', 'E-mail'], ['layer', 'E-mail again']], $layers),
            self::need('A number is given for the slip', [['screen', 'booked']], $layers),
            self::need('A booking can be called off', [], $layers),
            self::plan('planfiring', 'Choose a firing', 'firing', 'Which firing, and what a shelf costs in it.', ['planroom'], ['filled', 'empty']),
            self::plan('planroom', 'Room on the shelf', 'shelfroom', 'How much room, how many pieces, how tall.', ['plancontact']),
            self::plan('plancontact', 'Contact', 'contact', 'Who is told when it is cool.', ['plansummary'], ['error']),
            self::plan('plansummary', 'Summary', 'summary', 'Everything once more, with the price.', ['planbooked', 'planroom']),
            self::plan('planbooked', 'Booked', 'booked', 'The number for the slip.', ['planfiring']),
            self::plan('planmine', 'My bookings', null, 'What is booked, and a way to call it off.', [], ['empty', 'filled']),
        ];
    }

    /** @return array<string, mixed> */
    private static function entry(string $part, string $title, string $words): array
    {
        return ['id' => 'e'.substr(hash('xxh3', $title), 0, 11), 'part' => $part, 'title' => $title, 'words' => $words];
    }

    /**
     * @param  list<array{string, string}>  $ties
     * @param  array<string, string>  $layers
     * @return array<string, mixed>
     */
    private static function need(string $title, array $ties, array $layers): array
    {
        return self::entry('requirement', $title, '') + ['ties' => array_map(fn (array $tie): array => ['kind' => $tie[0], 'id' => $tie[0] === 'layer' ? $layers[$tie[1]] : $tie[1], 'name' => $tie[1]], $ties)];
    }

    /**
     * @param  list<string>  $leadsTo
     * @param  list<string>  $conditions
     * @return array<string, mixed>
     */
    private static function plan(string $id, string $title, ?string $screen, string $words, array $leadsTo, array $conditions = []): array
    {
        return ['id' => $id, 'part' => 'plan', 'title' => $title, 'words' => $words, 'screen' => $screen, 'leadsTo' => $leadsTo, 'conditions' => $conditions];
    }
}
