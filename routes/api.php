<?php

declare(strict_types=1);

use App\Http\Controllers\Api\ReadingController;
use Illuminate\Support\Facades\Route;

// What devices speak; each is known by its token and has no session.
Route::post('/v1/readings', ReadingController::class)->name('api.readings');
