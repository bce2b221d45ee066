<?php

declare(strict_types=1);

namespace Lento\Keeping;

/** What keeps a skin off a sauce that stands. */
enum SkinGuard: string
{
    case Cartouche = 'cartouche';
    case ButterFilm = 'butter-film';
    case Film = 'film';
    case Stir = 'stir';
}
