<?php

declare(strict_types=1);

use App\Http\Controllers\ComposeController;
use App\Http\Controllers\KeepSauceController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\PotEventController;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/compose');
Route::get('/compose', ComposeController::class)->name('compose');
Route::post('/sauces', KeepSauceController::class)->name('sauces.store');

Route::get('/stove', [PotController::class, 'index'])->name('stove');
Route::post('/pots', [PotController::class, 'store'])->name('pots.store');
Route::get('/pots/{pot}', [PotController::class, 'show'])->name('pots.show')->whereNumber('pot');
Route::post('/pots/{pot}/events', PotEventController::class)->name('pots.events')->whereNumber('pot');

Route::get('/log', [LogController::class, 'index'])->name('log');
Route::get('/log/{pot}', [LogController::class, 'show'])->name('log.show')->whereNumber('pot');
