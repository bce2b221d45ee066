<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Only Lento's own pages send forms. Their token stands in the page; no second copy of it goes about as a cookie that scripts can read. */
final class OwnForms extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
