<?php

declare(strict_types=1);

/*
 * The part of the open vocabulary schema.org that a recipe of Lento's uses, as the vocabulary defines it: each type with its parents, each
 * property with the types it is defined for and the types it may hold. Written from its published definitions; nothing is fetched.
 */

/** @return array<string, list<string>> type => what it is a kind of */
function vocabularyTypes(): array
{
    return [
        'Thing' => [],
        'CreativeWork' => ['Thing'],
        'HowTo' => ['CreativeWork'],
        'Recipe' => ['HowTo'],
        'HowToStep' => ['CreativeWork', 'ListItem', 'ItemList'],
        'ListItem' => ['Thing'],
        'ItemList' => ['Thing'],
        'Text' => [],
        'Duration' => [],
        'QuantitativeValue' => ['Thing'],
    ];
}

/** @return array<string, array{of: list<string>, holds: list<string>}> */
function vocabularyProperties(): array
{
    return [
        'name' => ['of' => ['Thing'], 'holds' => ['Text']],
        'description' => ['of' => ['Thing'], 'holds' => ['Text']],
        'text' => ['of' => ['CreativeWork'], 'holds' => ['Text']],
        'totalTime' => ['of' => ['HowTo', 'HowToDirection'], 'holds' => ['Duration']],
        'cookTime' => ['of' => ['Recipe'], 'holds' => ['Duration']],
        'recipeCategory' => ['of' => ['Recipe'], 'holds' => ['Text']],
        'recipeYield' => ['of' => ['Recipe'], 'holds' => ['QuantitativeValue', 'Text']],
        'recipeIngredient' => ['of' => ['Recipe'], 'holds' => ['Text']],
        'recipeInstructions' => ['of' => ['Recipe'], 'holds' => ['CreativeWork', 'ItemList', 'Text']],
    ];
}

/** @return list<string> the type and all it is a kind of */
function vocabularyKinds(string $type): array
{
    $parents = vocabularyTypes()[$type] ?? null;
    if ($parents === null) {
        return [];
    }

    return array_values(array_unique([$type, ...array_merge([], ...array_map(vocabularyKinds(...), $parents))]));
}

/** @return list<string> what the vocabulary does not allow in it, by its path; none where it is sound */
function vocabularyFaults(mixed $node, string $path = ''): array
{
    $type = is_array($node) && is_string($node['@type'] ?? null) ? $node['@type'] : '';
    $kinds = vocabularyKinds($type);
    if (!is_array($node) || $kinds === []) {
        return ["{$path}: no type of the vocabulary"];
    }
    $faults = [];
    foreach ($node as $name => $value) {
        if (in_array($name, ['@context', '@type'], true)) {
            continue;
        }
        $property = vocabularyProperties()[$name] ?? null;
        if ($property === null || array_intersect($property['of'], $kinds) === []) {
            $faults[] = "{$path}/{$name}: no property of {$type}";
            continue;
        }
        foreach (is_array($value) && array_is_list($value) ? $value : [$value] as $at => $one) {
            $here = "{$path}/{$name}/{$at}";
            $is = match (true) {
                is_array($one) => vocabularyKinds(is_string($one['@type'] ?? null) ? $one['@type'] : ''),
                is_string($one) && preg_match('/\AP(?=.)(\d+D)?(T(?=.)(\d+H)?(\d+M)?(\d+S)?)?\z/', $one) === 1 => ['Duration', 'Text'],
                is_string($one) && $one !== '' => ['Text'],
                default => [],
            };
            if (array_intersect($property['holds'], $is) === []) {
                $faults[] = "{$here}: holds no " . implode(' or ', $property['holds']);
            }
            if (is_array($one)) {
                array_push($faults, ...vocabularyFaults($one, $here));
            }
        }
    }

    return $faults;
}
