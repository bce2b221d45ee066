<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Family\KitchenWorkplace;
use App\Family\ServiceKey;
use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Compose\Base;
use Lento\Family\FlowNode;
use Lento\Family\ServiceFlow;

/** The bases of a service, each with how thick it is made and why. */
final readonly class BaseCards
{
    public function __construct(
        private ServiceFlow $flow,
        private SauceNames $names,
        private Kitchen $kitchen,
        private NextActions $next,
    ) {}

    /** @return list<BaseCard> */
    public function all(): array
    {
        return array_map($this->card(...), $this->flow->bases());
    }

    private function card(FlowNode $node): BaseCard
    {
        $workplace = new KitchenWorkplace($this->kitchen);
        $question = $node->sheet?->question;

        return new BaseCard(
            $node->planned->key,
            $this->names->name(...ServiceKey::parts($node->planned->key)),
            $node,
            $question === null ? [] : $workplace->fields(
                $question->base,
                $question->liquid,
                $question->yield,
                $question->thickness,
                $question->pan,
            )->toAddress(),
            new BaseFit(
                $this->whyThick($node),
                $this->suits($node),
                $question !== null && $this->kitchen->pans !== [] && $workplace->own($question->pan) === null,
            ),
            $this->next->ofBase($node),
        );
    }

    private function whyThick(FlowNode $node): string
    {
        $thickness = $node->thickness;
        if ($thickness === null || $thickness->suits === []) {
            return '';
        }
        $usual = $this->kitchen->formula($node->planned->base ?? Base::Bechamel)->thickness->gramsPerLitre;

        return Words::text(
            'family.base_why.'
                . match (true) {
                    !$thickness->servesAll() => 'most',
                    abs($thickness->thickness->gramsPerLitre - $usual) < 0.5 => 'usual',
                    count($thickness->suits) === 1 && ($this->flow->nodes[$thickness->suits[0]->key] ?? null)?->isServedAsItIs() === true
                        => 'asked',
                    default => 'all',
                },
        );
    }

    /** @return list<string> */
    private function suits(FlowNode $node): array
    {
        $texts = [];
        foreach ($node->thickness->suits ?? [] as $suits) {
            $texts[] = Words::text(
                $suits->suited ? 'family.suits' : 'family.suits_not',
                name: $this->names->name(...ServiceKey::parts($suits->key)),
                from: sprintf('%.0F', $suits->from->gramsPerLitre),
                to: sprintf('%.0F', $suits->to->gramsPerLitre),
            );
        }

        return $texts;
    }
}
