<?php

declare(strict_types=1);

use App\Http\Middleware\BodyLimit;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

require __DIR__ . '/../vendor/autoload.php';

// The framework decodes a JSON body as it captures the request: what is too much of one must not come so far.
BodyLimit::atTheDoor();

/** @var Application $app */
$app = require_once __DIR__ . '/../bootstrap/app.php';

$app->handleRequest(Request::capture());
