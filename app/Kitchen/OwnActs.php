<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a kitchen's own sauce can be built of: the roux, its pours and its boil are its base's. */
final readonly class OwnActs
{
    public const KINDS = [
        'prepare', 'sweat', 'brown', 'brown-deep', 'render', 'deglaze', 'reduce-apart', 'infuse', 'simmer', 'reduce', 'skim', 'stir-in',
        'take-out', 'blend', 'rub-through', 'strain', 'bind', 'melt-in', 'whisk-in', 'rest',
    ];

    public const VESSELS = ['pan', 'second-pan', 'bowl', 'bench'];

    public const MEASURES = ['g', 'ml', 'pieces'];

    /** Things that go in by one new act. */
    public const DOSES = 4;
}
