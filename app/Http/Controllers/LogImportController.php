<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LogImport;
use Illuminate\Http\RedirectResponse;

/** Files that were taken into the log: whether their pots teach, and all of them taken back again. */
final readonly class LogImportController
{
    public function teach(int $import): RedirectResponse
    {
        $import = LogImport::query()->findOrFail($import);
        $import->update(['teaches' => !$import->teaches]);

        return redirect(route('log') . '#files');
    }

    /** The pots it brought are gone with what happened to them here since; the file still has what it had. */
    public function takeBack(int $import): RedirectResponse
    {
        $gone = LogImport::query()->findOrFail($import)->takeBack();

        return redirect(route('log') . '#files')->with('taken', trans_choice('log.file.taken_back', $gone, ['count' => $gone]));
    }
}
