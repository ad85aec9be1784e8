# Tells the database's own commands where it is and who may enter. Sourced by bin/backup and bin/restore.
# shellcheck shell=bash

fail() { printf '%s\n' "$*" >&2; exit 1; }

# database_client: a file of options that only its owner reads, and `database`, the name.
database=scrivlet
database_client() {
  local file
  file=$(umask 077; mktemp)
  if [ -n "${DATABASE_URL:-}" ]; then
    php -r '
      $url = parse_url(getenv("DATABASE_URL")); parse_str($url["query"] ?? "", $query);
      echo "[client]\nuser=", rawurldecode($url["user"] ?? ""), "\npassword=", rawurldecode($url["pass"] ?? ""), "\n";
      echo isset($query["unix_socket"]) ? "socket=".$query["unix_socket"]."\n" : "host=".($url["host"] ?? "localhost")."\nport=".($url["port"] ?? 3306)."\n";
    ' >"$file"
  else
    cat /etc/scrivlet/database.cnf >"$file"
  fi
  printf '%s' "$file"
}
