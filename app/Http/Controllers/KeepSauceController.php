<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeepSauceRequest;
use App\Models\KeptSauce;
use App\Questions\Answer;
use Illuminate\Http\RedirectResponse;
use Lento\Quantity\MeasureSystem;

final readonly class KeepSauceController
{
    public function __invoke(KeepSauceRequest $request, MeasureSystem $measures): RedirectResponse
    {
        $fields = $request->fields();
        abort_if(Answer::to($fields, $measures)->sheet === null, 422);
        KeptSauce::query()->create(['name' => $request->name(), 'question' => $fields->toAddress()]);

        return redirect()->route('compose', $fields->toAddress())->with('kept', $request->name());
    }
}
