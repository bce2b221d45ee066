<?php

declare(strict_types=1);

use App\Http\Controllers\Api\CalendarController;
use App\Http\Controllers\Api\ReadingController;
use Illuminate\Support\Facades\Route;

// What devices speak; each is known by its token and has no session.
// What calendars read; each address is its own secret.
Route::get('/v1/calendars/{token}.ics', CalendarController::class)->name('api.calendar')->where('token', '[A-Za-z0-9]{40}');
Route::post('/v1/readings', ReadingController::class)->name('api.readings');
