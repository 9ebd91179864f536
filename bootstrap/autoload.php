<?php

/*
 * The libraries: where the environment says, in the folder that serving installs, or beside the code with those for
 * development.
 */

declare(strict_types=1);

foreach ([getenv('COMPOSER_VENDOR_DIR'), dirname(__DIR__).'/var/vendor', dirname(__DIR__).'/vendor'] as $folder) {
    if (is_string($folder) && is_file("{$folder}/autoload.php")) {
        require "{$folder}/autoload.php";

        return;
    }
}

fwrite(fopen('php://stderr', 'w') ?: STDERR, "The PHP libraries are not installed yet; start with bin/start.\n");
exit(1);
