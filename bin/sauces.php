<?php

declare(strict_types=1);

// Prints the tables of docs/sauces.md from the code: php bin/sauces.php [--write] puts them between the file's marks.

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Family\Catalogue;
use Lento\Procedure\Act;
use Lento\Procedure\Dose;
use Lento\Procedure\Vessel;
use Lento\Quantity\MeasureSystem;

require __DIR__ . '/../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$app->instance(Kitchen::class, Kitchen::unknown(MeasureSystem::Metric));

$dose = static function (Dose $dose): string {
    $name = $dose->isItsFat() ? 'of its fat' : trans_choice('ingredients.' . $dose->ingredient, $dose->usual <= 1.0 ? 1 : 2);
    $unit = match ($dose->measure->value) {
        'pieces' => '', default => ' ' . $dose->measure->value,
    };
    $text = rtrim(rtrim(sprintf('%.1F', $dose->usual), '0'), '.') . $unit . ' ' . $name;

    return $dose->optional ? "[{$text}]" : $text;
};
$act = static function (Act $act) use ($dose): string {
    $name = strtolower(Words::text('steps.' . $act->kind->value . '.name'));
    $where = in_array($act->vessel, [Vessel::Pan, Vessel::Bench], true) ? '' : ' (' . str_replace('-', ' ', $act->vessel->value) . ')';
    $what = implode(', ', array_map($dose, $act->doses));
    $more = implode(', ', array_filter([
        $act->kind->fries() || in_array($act->kind->value, ['simmer', 'infuse', 'prepare'], true) && $act->least->seconds > 0.0
            ? sprintf('%.0F min', $act->least->inMinutes())
            : '',
        $act->share > 0.0 ? sprintf('down by %.0F %%', 100.0 * $act->share) : '',
        $act->to === null ? '' : sprintf('to %.0F °C', $act->to->inCelsius()),
        $act->atMost === null ? '' : sprintf('at most %.0F °C', $act->atMost->inCelsius()),
    ], static fn(string $one): bool => $one !== '' && $one !== '0 min'));

    return trim($name . $where . ($what === '' ? '' : ' ' . $what) . ($more === '' ? '' : " ({$more})"));
};
$names = new SauceNames(app(Kitchen::class));
$bases = ["| base | liquids (usual first) | roux, fat | thickness | its acts | simmer | salt |", '|---|---|---|---|---|---|---|'];
foreach (Base::cases() as $base) {
    $formula = Formula::house($base);
    $bases[] = '| ' . implode(' | ', [
        $names->within($base->value),
        implode(', ', array_map(Words::ingredient(...), $formula->liquids))
            . ($formula->beside === [] ? '' : '; beside it ' . implode(', ', array_map(
                static fn(string $id, float $share): string => sprintf('%.0F %% ', 100.0 * $share) . Words::ingredient($id),
                array_keys($formula->beside),
                $formula->beside,
            ))),
        $base->hasRoux() ? $formula->colour->value . ', ' . Words::ingredient($formula->fat) : 'none',
        $formula->thickness->thicknessClass()->value,
        implode(' → ', array_map($act, $formula->procedure->acts)),
        ($formula->reduceBy === null ? '' : sprintf('down by %.0F %%, at least ', 100.0 * $formula->reduceBy))
            . sprintf('%.0F min, %s', $formula->simmerTime($formula->liquids[0])->inMinutes(), $formula->level->value),
        $formula->salt > 0.0 ? sprintf('%.2F %%', 100.0 * $formula->salt) : 'none',
    ]) . ' |';
}
$made = ['| sauce | from | its acts | thickness |', '|---|---|---|---|'];
foreach (Catalogue::house()->derivatives() as $id => $derivative) {
    $french = $names->french($id);
    $made[] = '| ' . implode(' | ', [
        $names->name($id) . ($french === '' ? '' : " (*{$french}*)"),
        $names->within($derivative->parent)
            . ($derivative->stocks === [] ? '' : ' (' . implode(', ', array_map(Words::ingredient(...), $derivative->stocks)) . ')'),
        implode(' → ', array_map($act, $derivative->procedure->acts)),
        $derivative->class->value,
    ]) . ' |';
}
$tables = ['bases' => implode("\n", $bases), 'derivatives' => implode("\n", $made)];
$file = __DIR__ . '/../docs/sauces.md';
$text = (string) file_get_contents($file);
foreach ($tables as $name => $table) {
    $text = (string) preg_replace_callback(
        "~<!-- {$name} -->.*?<!-- /{$name} -->~s",
        static fn(): string => "<!-- {$name} -->\n{$table}\n<!-- /{$name} -->",
        $text,
    );
}
in_array('--write', $argv, true) ? file_put_contents($file, $text) : print(implode("\n\n", $tables) . "\n");
