# Shared by bin/start, bin/test and bin/bench: what they install, build, start and stop.
# Sourced by bash with `set -euo pipefail`; expects ROOT.

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

VAR="${KINDRED_VAR:-$ROOT/var}"
WEB_PORT="${KINDRED_PORT:-8400}"
DB_PORT="${KINDRED_DB_PORT:-13306}"
COMPILED="$ROOT/var/compiled"

writable() {
    local place
    for place in "$@"; do [ -w "$place" ] || return 1; done
}

# Whatever is made from here on is for this account alone: the data, the sessions, the configuration with its passwords.
umask 077

# Sockets lie apart from the data, because a socket's path may have only 107 bytes.
make_var() {
    RUN="${TMPDIR:-/tmp}/kindred-$(id -u)-$(printf '%s' "$VAR" | sha256sum | cut -c1-12)"
    local free at="$VAR"
    until [ -e "$at" ]; do at="$(dirname "$at")"; done
    free=$(df --output=avail -m "$at" | tail -1)
    [ "$free" -ge 100 ] || fail "Only $free MB are left on the disk of $VAR; Kindred Canvas needs 100 MB to start. Nothing was changed."
    { mkdir -p "$VAR"/{log,cache,storage/{app,logs,framework/{cache/data,sessions,views}}} "$RUN" && writable "$VAR" "$VAR"/* "$RUN"; } 2>/dev/null \
        || fail "Cannot write to $VAR. Give this account the right to write there, or set KINDRED_VAR to a folder of its own."
}

# The folder of all state, for this run alone.
use_var() {
    VAR="$1"
    make_var
    chmod 700 "$RUN" "$VAR"/{log,cache,storage}
    chmod -f go-rwx "$VAR/.env" "$VAR/cache/config.php" || true
    exec {LOCK}>"$VAR/lock"
    flock --nonblock "$LOCK" || fail "Kindred Canvas runs already on the data in $VAR, or is just stopping. Stop it first, or set KINDRED_VAR to another folder."
    export KINDRED_VAR="$VAR" KINDRED_COMPILED="$COMPILED"
    export APP_CONFIG_CACHE="$VAR/cache/config.php" APP_ROUTES_CACHE="$VAR/cache/routes.php"
    export APP_EVENTS_CACHE="$VAR/cache/events.php" APP_SERVICES_CACHE="$VAR/cache/services.php"
    export APP_PACKAGES_CACHE="$VAR/cache/packages.php"
    export COMPOSER_VENDOR_DIR="$ROOT/var/vendor"
}

install_system() {
    local wanted=(mariadb-server nginx-light php8.2-cli php8.2-fpm php8.2-mysql php8.2-gd php8.2-intl php8.2-xml
        php8.2-mbstring php8.2-curl php8.2-zip librsvg2-bin libharfbuzz0b libfribidi0 webp-pixbuf-loader unzip util-linux "$@") missing=()
    local package
    for package in "${wanted[@]}"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing ${missing[*]}"
    local sudo=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || fail "These packages are missing: ${missing[*]}. Install them as root: apt-get install ${missing[*]}"
        sudo=(sudo)
    fi
    # Services are started by us, on ports of our own, never by the system.
    local policy=/usr/sbin/policy-rc.d made=
    if [ ! -e $policy ]; then
        printf '#!/bin/sh\nexit 101\n' | "${sudo[@]}" tee $policy >/dev/null && "${sudo[@]}" chmod +x $policy && made=1
    fi
    umask 022
    { "${sudo[@]}" apt-get update -qq && DEBIAN_FRONTEND=noninteractive "${sudo[@]}" apt-get install -y -qq --no-install-recommends "${missing[@]}"; } \
        >"$VAR/log/install.log" 2>&1 || { [ -n "$made" ] && "${sudo[@]}" rm -f $policy; fail "apt-get could not install ${missing[*]}; see $VAR/log/install.log"; }
    [ -n "$made" ] && "${sudo[@]}" rm -f $policy
    umask 077
}

# stamp NAME FILE… : true when none of the files changed since the stamp of that name was set.
stamp() { [ "$(cat "$ROOT/var/stamps/$1" 2>/dev/null)" = "$(digest "${@:2}")" ]; }
set_stamp() { mkdir -p "$ROOT/var/stamps"; digest "${@:2}" >"$ROOT/var/stamps/$1"; }
digest() { (cd "$ROOT" && find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum); }

# The PHP libraries in a folder, in the versions listed in composer.versions.json and no others.
install_php() { # FOLDER [--no-dev]
    local name="${1#"$ROOT"/}" dev=--dev
    [ "${2:-}" != --no-dev ] || dev=
    stamp "composer-${name//\//-}" composer.json composer.versions.json && [ -f "$1/autoload.php" ] && return
    say "Installing PHP libraries"
    mkdir -p "$ROOT/bootstrap/cache"
    (cd "$ROOT" && php build/versions.php exact && COMPOSER=composer.exact.json COMPOSER_VENDOR_DIR="$1" COMPOSER_ALLOW_SUPERUSER=1 \
        composer update ${2:-} --no-interaction --no-progress --no-scripts --quiet) || fail "Composer could not install the PHP libraries."
    php "$ROOT/build/versions.php" check "$1" $dev || fail "Other PHP libraries are installed than listed. After a change of composer.json list them anew: php build/versions.php list vendor"
    set_stamp "composer-${name//\//-}" composer.json composer.versions.json
}

install_libraries() {
    command -v composer >/dev/null || fail "Composer is missing; install it with: apt-get install composer"
    command -v npm >/dev/null || fail "Node.js 20 and npm are missing; install them first."
    # Both wait for the network more than they compute.
    install_npm &
    local npm=$!
    install_php "$ROOT/var/vendor" --no-dev
    wait "$npm" || exit 1
}

install_npm() {
    [ -d "$ROOT/node_modules" ] && stamp npm package.json package-lock.json && return
    say "Installing front-end libraries"
    (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error) || fail "npm could not install the front-end libraries."
    set_stamp npm package.json package-lock.json
}

build_front() {
    local sources=(build resources/ts resources/css resources/views package.json vite.config.ts vite.player.config.ts)
    if [ ! -f "$ROOT/public/build/manifest.json" ] || [ ! -f "$COMPILED/icons.php" ] || [ ! -f "$COMPILED/passwords.php" ] || ! stamp build "${sources[@]}"; then
        say "Building faces, icons, styles and scripts"
        (cd "$ROOT" && npm run --silent build >"$VAR/log/build.log" 2>&1) || { tail -20 "$VAR/log/build.log" >&2; fail "The build failed; see $VAR/log/build.log"; }
        set_stamp build "${sources[@]}"
    fi
}

port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

wait_port() { # PORT PID NAME LOG
    local i
    for ((i = 0; i < 600; i++)); do
        port_free "$1" || return 0
        kill -0 "$2" 2>/dev/null || { tail -15 "$4" >&2; fail "$3 stopped while starting; see $4. Nothing was deleted."; }
        sleep 0.05
    done
    fail "$3 did not answer on port $1 within 30 s; see $4"
}

# keep_running NAME LOG COMMAND… : starts a part that is started again when it dies; KEEPER is who sees to it.
KEEPERS=()
KEEPER=
keep_running() {
    setpriv --pdeathsig TERM "$ROOT/bin/keep" "$@" &
    KEEPER=$!
    KEEPERS+=("$KEEPER")
}

# The last one started is stopped first; each is waited for, but none without an end.
stop_all() {
    trap - EXIT INT TERM
    local i pid
    for ((i = ${#KEEPERS[@]} - 1; i >= 0; i--)); do
        pid="${KEEPERS[$i]}"
        kill -TERM "$pid" 2>/dev/null || continue
        for _ in $(seq 400); do kill -0 "$pid" 2>/dev/null || break; sleep 0.05; done
    done
    rm -rf "$RUN"
}

write_env() {
    [ -f "$VAR/.env" ] || {
        local key password
        key="base64:$(head -c 32 /dev/urandom | base64 -w0)"
        password="$(head -c 24 /dev/urandom | base64 -w0 | tr -dc 'a-zA-Z0-9')"
        printf '%s\n' "APP_NAME=\"Kindred Canvas\"" APP_ENV=production APP_DEBUG=false "APP_KEY=$key" \
            "APP_URL=http://127.0.0.1:$WEB_PORT" DB_HOST=127.0.0.1 "DB_PORT=$DB_PORT" DB_DATABASE=kindred DB_USERNAME=kindred \
            "DB_PASSWORD=$password" SESSION_DRIVER=file CACHE_STORE=file QUEUE_CONNECTION=sync LOG_CHANNEL=single >"$VAR/.env"
    }
    sed -i "s|^APP_URL=.*|APP_URL=http://127.0.0.1:$WEB_PORT|; s|^DB_PORT=.*|DB_PORT=$DB_PORT|" "$VAR/.env"
}

env_value() { sed -n "s/^$1=//p" "$VAR/.env"; }

launch_database() {
    keep_running MariaDB "$VAR/log/mariadb.log" mariadbd --no-defaults --user="$(id -un)" --datadir="$VAR/mysql" --bind-address=127.0.0.1 --port="$DB_PORT" \
        --socket="$RUN/mysql.sock" --pid-file="$RUN/mysql.pid" --skip-name-resolve --innodb-buffer-pool-size=256M \
        --innodb-flush-log-at-trx-commit=1 --character-set-server=utf8mb4 --max-connections=100 --max-allowed-packet=128M
    wait_port "$DB_PORT" "$KEEPER" MariaDB "$VAR/log/mariadb.log"
}

start_database() {
    port_free "$DB_PORT" || fail "Port $DB_PORT is in use, perhaps by another copy of Kindred Canvas. Stop that, or set KINDRED_DB_PORT to a free port."
    write_env
    if [ ! -d "$VAR/mysql/mysql" ]; then
        rm -rf "$VAR/mysql"
        mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$VAR/mysql" --auth-root-authentication-method=normal \
            --skip-test-db >"$VAR/log/mariadb.log" 2>&1 || fail "The database could not be set up; see $VAR/log/mariadb.log"
    fi
    launch_database
    local password
    password="$(env_value DB_PASSWORD)"
    # Also where a first start ended before its accounts were made.
    if ! MYSQL_PWD="$password" mariadb --no-defaults -h127.0.0.1 -P"$DB_PORT" -ukindred -e 'select 1' kindred >/dev/null 2>&1; then
        mariadb --no-defaults -uroot --socket="$RUN/mysql.sock" <<SQL || fail "The database's account could not be made; see $VAR/log/mariadb.log"
CREATE DATABASE IF NOT EXISTS kindred CHARACTER SET utf8mb4;
CREATE DATABASE IF NOT EXISTS kindred_test CHARACTER SET utf8mb4;
CREATE OR REPLACE USER kindred@127.0.0.1 IDENTIFIED BY '$password';
GRANT ALL ON kindred.* TO kindred@127.0.0.1;
GRANT ALL ON kindred_test.* TO kindred@127.0.0.1;
GRANT ALL ON \`kindred\_test\_%\`.* TO kindred@127.0.0.1;
ALTER USER root@localhost IDENTIFIED BY '$password';
DROP USER IF EXISTS ''@localhost, ''@'$(hostname)', root@'$(hostname)';
SQL
    fi
}

artisan() { php "$ROOT/artisan" "$@"; }

prepare_application() {
    # What was found out from other libraries.
    rm -f "$APP_PACKAGES_CACHE" "$APP_SERVICES_CACHE"
    artisan config:cache --quiet && artisan route:cache --quiet && artisan view:cache --quiet || fail "The application could not be prepared; see $VAR/storage/logs/laravel.log"
    artisan migrate --force --quiet || fail "The database could not be brought up to date. Its log is $VAR/log/mariadb.log; nothing was deleted."
}

start_web() {
    port_free "$WEB_PORT" || fail "Port $WEB_PORT is in use, perhaps by another copy of Kindred Canvas. Stop that, or set KINDRED_PORT to a free port."
    local user
    user="$(id -un)"
    cat >"$RUN/fpm.conf" <<CONF
[global]
error_log = $VAR/log/fpm.log
daemonize = no
CONF
    # Small pictures, which a page asks for by the dozen, and checks, which follow every edit, have workers of their own: whatever
    # waits for them waits in a line outside, and holds none of those that everything else needs. They give way to those, too.
    local pool workers niceness
    while read -r pool workers niceness; do
        cat >>"$RUN/fpm.conf" <<CONF
[$pool]
user = $user
group = $(id -gn)
listen = $RUN/$pool.sock
process.priority = $niceness
listen.backlog = 1024
pm = static
pm.max_children = $workers
pm.max_requests = 2000
clear_env = no
catch_workers_output = yes
CONF
    done <<<'pages 12 0
pictures 3 5'
    cat >"$RUN/nginx.conf" <<CONF
user $user;
worker_processes 1;
daemon off;
pid $RUN/nginx.pid;
error_log $VAR/log/nginx.log warn;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    sendfile on;
    client_max_body_size 16m;
    client_body_temp_path $RUN/body;
    fastcgi_temp_path $RUN/fastcgi;
    proxy_temp_path $RUN/proxy;
    uwsgi_temp_path $RUN/uwsgi;
    scgi_temp_path $RUN/scgi;
    gzip on;
    gzip_comp_level 4;
    gzip_min_length 512;
    gzip_types text/css application/javascript text/javascript application/json image/svg+xml;
    server { listen 127.0.0.1:$WEB_PORT default_server; return 421; }
    server {
        listen 127.0.0.1:$WEB_PORT;
        server_name 127.0.0.1 localhost;
        root $ROOT/public;
        location /build/ {
            expires 1y;
            gzip_static on;
            add_header Cache-Control "public, immutable";
            add_header X-Content-Type-Options nosniff;
        }
        error_page 502 503 504 /away.html;
        location = /away.html { internal; }
        location ~ \.php$ { return 404; }
        location = /projects/import {
            client_max_body_size 520m;
            try_files /nowhere @app;
        }
        location / { try_files \$uri @app; }
        include /etc/nginx/fastcgi_params;
        fastcgi_param HTTP_HOST \$host:$WEB_PORT;
        fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
        fastcgi_param SCRIPT_NAME /index.php;
        fastcgi_read_timeout 120;
        fastcgi_buffers 64 16k;
        fastcgi_buffer_size 32k;
        location @app { fastcgi_pass unix:$RUN/pages.sock; }
        location ~ /(thumbnail|checks(/ahead)?)$ { fastcgi_pass unix:$RUN/pictures.sock; }
    }
}
CONF
    local root_flag=()
    [ "$(id -u)" -eq 0 ] && root_flag=(-R)
    keep_running PHP "$VAR/log/fpm.log" php-fpm8.2 "${root_flag[@]}" -y "$RUN/fpm.conf" -d opcache.enable=1 -d opcache.validate_timestamps=0 -d opcache.enable_file_override=1 -d opcache.memory_consumption=256 \
        -d opcache.interned_strings_buffer=32 -d opcache.max_accelerated_files=20000 -d ffi.enable=true -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d memory_limit=256M -d upload_max_filesize=512M -d post_max_size=520M -d realpath_cache_size=4M
    local php=$KEEPER
    keep_running nginx "$VAR/log/nginx.log" nginx -c "$RUN/nginx.conf" -e "$VAR/log/nginx.log"
    wait_port "$WEB_PORT" "$KEEPER" nginx "$VAR/log/nginx.log"
    # Work that takes a while waits in the database for these two; one of them is free of what takes long.
    # They end whenever the database is away, and are wanted as soon as it is back.
    local queues
    for queues in short,long,default short; do
        KINDRED_RESTARTS=1000000 keep_running "Worker ($queues)" "$VAR/log/worker-${queues//,/-}.log" php -d memory_limit=256M "$ROOT/artisan" queue:work --queue="$queues" --sleep=0.3 --tries=1 --timeout=600 --memory=200 --quiet
    done
    local i
    for ((i = 0; i < 600; i++)); do
        php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$WEB_PORT/sign-in" && return
        kill -0 "$php" 2>/dev/null || break
        sleep 0.05
    done
    fail "PHP does not answer; see $VAR/log/fpm.log and $VAR/storage/logs/laravel.log"
}
