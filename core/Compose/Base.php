<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\Unknown;

/** The bases and gravies Lento makes. What goes into each, and how it is made unless a cook says otherwise, stands in its Formula. */
enum Base: string
{
    case Bechamel = 'bechamel';
    case Veloute = 'veloute';
    case Espagnole = 'espagnole';
    case DemiGlace = 'demi-glace';
    case Tomato = 'tomato';
    case PanGravy = 'pan-gravy';
    case OnionGravy = 'onion-gravy';
    case GibletGravy = 'giblet-gravy';
    case MilkGravy = 'milk-gravy';
    case ChilliGravy = 'chilli-gravy';
    case WineSauce = 'wine-sauce';

    /**
     * Accents, capitals, hyphens and a trailing "sauce" do not matter: "Velouté" is "veloute", "Tomato sauce" is "tomato".
     *
     * @throws Unknown
     */
    public static function named(string $name): self
    {
        $plain = strtr(mb_strtolower(trim($name)), ['é' => 'e', 'è' => 'e', 'ê' => 'e', ' ' => '-', '_' => '-']);

        return self::tryFrom($plain)
            ?? (self::tryFrom((string) preg_replace('/-sauce\z/', '', $plain)) ?? throw Unknown::name('sauce', mb_substr($name, 0, 40)));
    }

    /** A demi-glace is a reduction: its flour comes with the espagnole. */
    public function hasRoux(): bool
    {
        return $this !== self::DemiGlace;
    }

    /** @return list<self> */
    public static function withRoux(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $base): bool => $base->hasRoux()));
    }
}
