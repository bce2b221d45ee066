<?php

declare(strict_types=1);

use App\Http\Controllers\FirstRunController;
use App\Http\Controllers\PairController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\WhoController;
use App\Http\Middleware\SignedIn;
use Illuminate\Support\Facades\Route;

// What is open to whom nobody knows yet: the ways in.
Route::withoutMiddleware(SignedIn::class)->group(static function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::post('/sign-out-everywhere', [SignInController::class, 'everywhere'])->name('sign-out.everywhere');
    Route::get('/who', [WhoController::class, 'show'])->name('who');
    Route::post('/who', [WhoController::class, 'store'])->name('who.say');
    Route::post('/who/leave', [WhoController::class, 'destroy'])->name('who.leave');
    Route::get('/pair/{code?}', [PairController::class, 'show'])->name('pair')->where('code', '[A-Za-z0-9-]{0,12}');
    Route::post('/pair', [PairController::class, 'store'])->name('pair.store')->middleware('throttle:wrong-tokens');
    Route::get('/first-run', [FirstRunController::class, 'show'])->name('first-run');
    Route::post('/first-run', [FirstRunController::class, 'store'])->name('first-run.store')->middleware('throttle:wrong-tokens');
});
