<?php

declare(strict_types=1);

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Symfony\Component\Process\Process;

/*
 * The memory of a process that a stranger's body can take: a server of its own, with as little as a page needs.
 */

const DOOR_MEGABYTES = 64;

/**
 * A server on a port that nobody else has, ready to answer.
 *
 * @return array{Process, string} it, and its address
 */
function doorServer(): array
{
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr(
        (string) strrchr((string) stream_socket_get_name($socket ?: throw new RuntimeException('no port'), false), ':'),
        1,
    );
    fclose($socket);
    $server = new Process(
        [
            PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'memory_limit=' . DOOR_MEGABYTES . 'M', '-d', 'post_max_size=18M',
            '-S', "127.0.0.1:{$port}", base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'),
        ],
        public_path(),
        ['APP_ENV' => 'production', 'DB_DATABASE' => ':memory:', 'SESSION_DRIVER' => 'array', 'APP_KEY' => config()->string('app.key')],
    );
    $server->start();
    for ($tries = 0; $tries < 200 && @fsockopen('127.0.0.1', $port) === false; $tries++) {
        $server->isRunning() || throw new RuntimeException($server->getErrorOutput());
        usleep(25_000);
    }

    return [$server, "http://127.0.0.1:{$port}"];
}

it('keeps a megabyte of brackets from being decoded for whoever sends it', function (string $body): void {
    [$server, $address] = doorServer();
    try {
        foreach (['/api/v1/readings', '/pots/1/events/batch', '/compose'] as $path) {
            $answer = Http::withBody($body, 'application/json')->accept('application/json')->post($address . $path);
            expect($answer->status())->toBe(413, $path . substr($answer->body(), 0, 300) . $server->getErrorOutput());
        }
        // It is there for the next.
        expect(Http::get($address . '/sign-in')->status())->toBe(200);
    } catch (ConnectionException $e) {
        throw new RuntimeException($server->getErrorOutput(), previous: $e);
    } finally {
        $server->stop(0);
    }
})->with([
    'a list of lists' => [str_repeat('[1],', 249_000) . '[1]'],
    'one list of lists' => ['[' . str_repeat('[1],', 249_000) . '[1]]'],
    'lists in lists' => [str_repeat('[', 500_000)],
]);
