<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\ServiceKey;
use App\Format\ActWords;
use App\Format\AddedColour;
use App\Format\Allergens;
use App\Format\DoseWords;
use App\Format\Litres;
use App\Format\SauceColour;
use App\Format\SauceNames;
use App\Format\Words;
use Lento\Drawing\FlowAddition;
use Lento\Drawing\FlowAmount;
use Lento\Drawing\FlowDrawing;
use Lento\Drawing\FlowEnd;
use Lento\Drawing\FlowSauce;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dosed;
use Lento\Procedure\Fate;
use Lento\Procedure\Worked;
use Lento\Quantity\Volume;

/** The flow of a service as it is drawn, and the same in sentences. */
final readonly class FlowPicture
{
    /** Where nothing is known of a sauce's colour. */
    private const PALE = '#efe2c4';

    /** Letters of allergens that fit under a pan. */
    private const NOTE_LETTERS = 34;

    /** @var array<string, string> #rrggbb by key */
    private array $colours;

    public function __construct(private ServiceFlow $flow, private SauceNames $names)
    {
        $colours = [];
        foreach ($flow->nodes as $key => $node) {
            $colours[$key] = self::colour($node, $colours);
        }
        $this->colours = $colours;
    }

    public function drawing(): FlowDrawing
    {
        return FlowDrawing::of(array_map($this->drawn(...), array_values($this->flow->nodes), array_keys($this->flow->nodes)));
    }

    /** The drawing in sentences, for those who hear it read. */
    public function says(): string
    {
        $sentences = array_map(fn(FlowNode $node): string => $this->sentence($node), array_values($this->flow->nodes));

        return Words::text('family.flow_says', sentences: implode(' ', $sentences));
    }

    public function colourOf(string $key): string
    {
        return $this->colours[$key] ?? self::PALE;
    }

    /** @return list<FlowAddition> what joins it from the side, as much as is left of it */
    public function additions(FlowNode $node): array
    {
        $additions = [];
        foreach ($node->derived->acts ?? [] as $done) {
            foreach ($done->doses as $dosed) {
                if ($dosed->dose->fate !== Fate::Flavours) {
                    [$amount, $name] = DoseWords::parts($dosed);
                    $additions[] = new FlowAddition($amount, $name, self::room($done, $dosed), AddedColour::of($dosed->dose->ingredient));
                }
            }
        }
        usort($additions, static fn(FlowAddition $a, FlowAddition $b): int => $b->millilitres <=> $a->millilitres);

        return $additions;
    }

    private function name(string $key): string
    {
        return $this->names->name(...ServiceKey::parts($key));
    }

    private function within(string $key): string
    {
        return $this->names->within(...ServiceKey::parts($key));
    }

    private function drawn(FlowNode $node, string $key): FlowSauce
    {
        $parent = $this->flow->parentOf($node);
        $taken = 0.0;
        foreach ($parent->branches ?? [] as $branch) {
            $taken = $branch->to === $key ? $branch->taken->inLitres() : $taken;
        }

        return new FlowSauce(
            $key,
            $this->name($key),
            new FlowAmount($node->volume()->inLitres(), $node->planned->parent, $taken),
            $this->colours[$key],
            [...$this->additions($node), ...$this->stockOf($node)],
            new FlowEnd(
                $node->derived === null || $node->branches !== [] ? null : ActWords::gate($node->derived),
                $node->served->cubicMetres > 0.0 ? self::wrapped(Allergens::names($node->allergens())) : [],
            ),
        );
    }

    /** @return list<FlowAddition> a demi-glace is let down with stock */
    private function stockOf(FlowNode $node): array
    {
        if ($node->sheet === null || $node->planned->parent === null) {
            return [];
        }
        $stock = Volume::ofCubicMetres($node->sheet->liquid->cubicMetres * $node->sheet->question->formula->share());

        return [
            new FlowAddition(
                Litres::of($stock)->text(),
                Words::ingredient($node->planned->liquid),
                $stock->inMillilitres(),
                AddedColour::of('brown-stock'),
            ),
        ];
    }

    private static function room(Worked $done, Dosed $dosed): float
    {
        $grams = $dosed->mass->inGrams();

        $boilsDown = $done->act->kind === ActKind::ReduceApart && $dosed->dose->fate === Fate::Joins;

        return $boilsDown ? $grams * (1.0 - $done->act->share) : $grams;
    }

    /** @param array<string, string> $colours of those before it */
    private static function colour(FlowNode $node, array $colours): string
    {
        if ($node->sheet !== null) {
            return SauceColour::of($node->sheet);
        }
        $from = $colours[$node->planned->parent ?? ''] ?? self::PALE;
        $added = [];
        foreach ($node->derived->acts ?? [] as $done) {
            foreach ($done->doses as $dosed) {
                $id = $dosed->dose->ingredient;
                $added[$id] = ($added[$id] ?? 0.0) + ($dosed->dose->fate === Fate::Flavours ? 0.0 : self::room($done, $dosed));
            }
        }

        return AddedColour::mixed($from, $node->derived?->taken->volume()->inMillilitres() ?? 1.0, $added);
    }

    private function sentence(FlowNode $node): string
    {
        $key = $node->planned->key;
        $derived = $node->derived;
        $parent = $this->flow->parentOf($node);
        if ($derived === null || $parent === null) {
            return Words::text('family.says_base', litres: Litres::of($node->volume())->text(), name: $this->within($key));
        }
        if ($node->isServedAsItIs()) {
            return Words::text('family.says_served', litres: Litres::of($node->served)->text(), name: $this->within($key));
        }
        $doses = [];
        foreach ($derived->acts as $done) {
            $doses = $done->doses === [] ? $doses : [...$doses, DoseWords::list($done)];
        }
        $gate = ActWords::gate($derived);

        return Words::text(
            'family.says_sauce',
            taken: Litres::of($derived->taken->volume())->text(),
            parent: $this->within($parent->planned->key),
            additions: $doses === [] ? '' : Words::text('family.says_with', list: implode(', ', $doses)),
            gate: $gate === null ? '' : Words::text('family.says_gate', gate: $gate->label),
            litres: Litres::of($node->volume())->text(),
            name: $this->within($key),
        );
    }

    /**
     * @param list<string> $names
     *
     * @return list<string> in lines that fit under a pan
     */
    private static function wrapped(array $names): array
    {
        return $names === [] ? [] : explode("\n", wordwrap(implode(', ', $names), self::NOTE_LETTERS, "\n"));
    }
}
