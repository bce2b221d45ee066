<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Pot\Scorch;
use Lento\Pour\PourStair;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Roux\BaseFilm;

/** How sure a sheet is of itself, and what may go wrong at the stove: bands of eight pots in ten, risks as words. */
final readonly class Outlook
{
    /**
     * @param Band|null $rouxMinutes until its colour; null where only the eye tells
     * @param Band $evaporated ml
     */
    private function __construct(
        public ThicknessForecast $thickness,
        public ?Band $rouxMinutes,
        public Band $evaporated,
        public Risk $lumps,
        public Risk $specks,
        public Risk $scorching,
    ) {}

    public static function of(Question $question, Draft $draft, PourStair $stair, float $evaporatedMillilitres): self
    {
        $spread = new Spread($question->kitchen);
        $forecast = $draft->roux->forecast;

        return new self(
            ThicknessForecast::of(
                $draft->finished,
                $draft->roux->shade,
                $spread,
                $question->reduceBy === null && ($question->base->hasRoux() || $question->byTheClock)
                    ? $evaporatedMillilitres / $draft->end->millilitres()
                    : 0.0,
            ),
            $forecast === null || $question->given->kind === GivenKind::ReadyRoux
                ? null
                : $spread->minutes($forecast->time->inMinutes(), $draft->roux->shade, $question->inOven() ? null : $question->heat),
            Band::around($evaporatedMillilitres, $spread->ofEvaporation()),
            $stair->lumpRisk(),
            $forecast === null || $question->inOven()
                ? Risk::Low
                : Risk::of(BaseFilm::under($forecast->temperature, $question->heat, $question->method->stirring->share())->speckRisk),
            Scorch::of(
                $draft->end,
                Temperature::ofCelsius($question->simmerLevel->celsius()),
                $question->simmerLevel->heatFlux(),
                $question->method->stirring->share(),
                $question->pan->base,
            )->risk(),
        );
    }
}
