<?php

/*
 * The libraries: where the environment says, in the folder that serving installs, or beside the code with those for
 * development.
 */

declare(strict_types=1);

foreach ([getenv('COMPOSER_VENDOR_DIR'), dirname(__DIR__).'/var/vendor', dirname(__DIR__).'/vendor'] as $folder) {
    if (is_string($folder) && is_file("{$folder}/autoload.php")) {
        require "{$folder}/autoload.php";
        // What the framework finds out about the libraries is kept with them.
        foreach (['COMPOSER_VENDOR_DIR' => $folder, 'APP_PACKAGES_CACHE' => "{$folder}/composer/packages.php", 'APP_SERVICES_CACHE' => "{$folder}/composer/services.php"] as $name => $value) {
            $_SERVER[$name] = getenv($name) ?: $value;
        }

        return;
    }
}

fwrite(fopen('php://stderr', 'w') ?: STDERR, "The PHP libraries are not installed yet; start with bin/start.\n");
exit(1);
