<?php

// The built-in web server's router: files under public/ as they are, everything else to the program. Built files are
// named by their content and never change, so browsers are told to keep them.

declare(strict_types=1);

const TYPES = ['css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'woff' => 'font/woff', 'woff2' => 'font/woff2', 'txt' => 'text/plain'];

$public = dirname(__DIR__).'/public';
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public.$path);
$type = $file === false ? null : TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;
if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, $public.'/')) {
    header("Content-Type: {$type}".(str_starts_with($type, 'text/') ? '; charset=utf-8' : ''));
    header('X-Content-Type-Options: nosniff');
    header('Content-Length: '.filesize($file));
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}
chdir($public);
$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
require $public.'/index.php';
