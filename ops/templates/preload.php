<?php

// Made from ops/templates/preload.php at each start; change that one.
// What every request would load anew is loaded once, when the web server's PHP starts: a fifth of a booking's time.

declare(strict_types=1);

// Composer's loader without the files that it would run at once: these are each request's own.
$composer = '@ROOT@/vendor/composer';
require_once "$composer/ClassLoader.php";
$loader = new Composer\Autoload\ClassLoader;
foreach (require "$composer/autoload_psr4.php" as $prefix => $folders) {
    $loader->setPsr4($prefix, $folders);
}
$loader->addClassMap(require "$composer/autoload_classmap.php");
$loader->register();

foreach (require '@VAR@/bootstrap/classes.php' as $class) {
    class_exists($class);
}
