<?php

declare(strict_types=1);

return [
    'title' => 'Kitchen',
    'gone' => 'an ingredient no longer kept',
    'saved' => 'Saved.',
    'save' => 'Save',
    'add' => 'Add',
    'remove' => 'Remove :name',
    'settings' => ['title' => 'The kitchen', 'name' => 'Name', 'cooks' => 'Cooks, with commas between', 'measures' => 'Cups and spoons', 'degrees' => 'Temperatures', 'altitude' => 'Height above the sea, m', 'preset' => 'Food-safety guidance', 'learn' => 'Reckon with what pots taught', 'preset_note' => 'A preset is guidance, not a certificate: follow your local food-safety code and your kitchen’s licensed procedures.', 'currency' => 'Money', 'portion' => 'A portion, ml', 'oven' => 'Oven for a roux, °C', 'pan' => 'Usual pan', 'hob' => 'Usual ring'],
    'measures' => ['us' => 'US', 'metric' => 'metric', 'imperial' => 'imperial'],
    'learns' => ['yes' => 'yes', 'no' => 'no'],
    'degrees' => ['c' => '°C', 'f' => '°F'],
    'presets' => ['us-model-code' => 'US model code', 'uk-guidance' => 'UK guidance', 'australia-nz' => 'Australia and New Zealand', 'codex-style' => 'Codex style'],
    'pans' => ['title' => 'Pans', 'how' => 'Lay a ruler across the inside, then stand it on the floor.', 'name' => 'Name', 'diameter_mm' => 'Wide, mm', 'height_mm' => 'High, mm', 'mass_g' => 'Weighs, g', 'by_size' => 'by its size', 'base' => 'Base', 'line' => ':wide × :high mm, holds :litres l, :mass, :base base', 'new' => 'Another pan'],
    'bases' => ['thin' => 'thin', 'medium' => 'medium', 'thick' => 'thick'],
    'hobs' => ['title' => 'Rings', 'how' => 'What is written on the plate, and how many settings the knob has.', 'name' => 'Name', 'kind' => 'Kind', 'power_w' => 'Power, W', 'levels' => 'Settings', 'line' => ':kind, :watts W, :levels settings', 'new' => 'Another ring'],
    'kinds' => ['gas' => 'gas', 'ceramic' => 'ceramic', 'induction' => 'induction'],
    'devices' => ['title' => 'Probes and scales', 'how' => 'Each reads the pot that stands at its place. Its token is shown once: copy it into the device.', 'name' => 'Name', 'kind' => 'Kind', 'place' => 'Place', 'kinds' => ['probe' => 'probe', 'scale' => 'scale'], 'line' => ':kind at :place, heard :heard', 'never' => 'never', 'ignored' => '{1} one reading ignored: :why|[2,*] :count readings ignored, last: :why', 'token' => 'Token of :name, shown this once:', 'new' => 'Another device'],
    'larder' => ['title' => 'Larder', 'how' => 'Prices, the salt in your stock, and ingredients of your own: told by one they resemble.', 'like' => 'Ingredient', 'own' => 'Own name', 'own_note' => 'only for one of your own', 'price_per_kg' => 'Price a kg', 'salt_percent' => 'Salt, %', 'fat_percent' => 'Fat, %', 'new' => 'Another ingredient', 'resembles' => 'like :name', 'price' => ':price a kg', 'salt' => ':percent % salt', 'fat' => ':percent % fat'],
    'schools' => ['title' => 'Usual schools', 'how' => 'What a new question starts from. Each question can still say otherwise.'],
    'formulas' => ['title' => 'House formulas', 'how' => 'What this kitchen always does otherwise. Per litre finished.', 'changed' => 'changed', 'reset' => 'As the house has it', 'house' => 'as the house has it', 'thickness' => 'Thickness, class or g/l', 'colour' => 'Colour', 'fat' => 'Fat', 'minutes' => 'Simmer, min', 'level' => 'Level', 'salt' => 'Salt, %'],
];
