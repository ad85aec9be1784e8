<?php

declare(strict_types=1);

use Scrivlet\App\Kernel;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__).'/vendor/autoload.php';

$environment = is_string($_SERVER['APP_ENV'] ?? null) ? $_SERVER['APP_ENV'] : 'prod';
$kernel = new Kernel($environment, 'dev' === $environment);
// What stands before this server, and under which names it is reached; without either nothing from outside is believed.
if (is_string($_SERVER['SCRIVLET_PROXIES'] ?? null) && '' !== $_SERVER['SCRIVLET_PROXIES']) {
    Request::setTrustedProxies(explode(',', $_SERVER['SCRIVLET_PROXIES']), Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO | Request::HEADER_X_FORWARDED_PORT);
}
if (is_string($_SERVER['SCRIVLET_HOSTS'] ?? null) && '' !== $_SERVER['SCRIVLET_HOSTS']) {
    Request::setTrustedHosts(array_map(static fn (string $host): string => '^'.preg_quote($host).'$', explode(',', $_SERVER['SCRIVLET_HOSTS'])));
}
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
