# How the application is shared on the home network: names, certificate, password. Sourced by bin/start.

# Addresses and names under which other devices find this machine, one a line; loopback only where there is no network.
own_names() {
  {
    hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' || true
    local name
    name=$(hostname 2>/dev/null | tr '[:upper:]' '[:lower:]' || true)
    if [[ $name =~ ^[a-z0-9][a-z0-9.-]*$ ]] && [ "$name" != localhost ]; then
      echo "$name"
      case $name in *.*) ;; *) echo "$name.local" ;; esac
    fi
    echo 127.0.0.1
    echo localhost
  } | awk '!seen[$0]++' | head -n 20
}

# A certificate of its own for these names; a new one when the names have changed or it is about to end.
make_certificate() { # make_certificate FOLDER NAMES
  local folder=$1 names=$2 extension='' name
  if [ "$(cat "$folder/names" 2>/dev/null)" = "$names" ] && [ -n "$(find "$folder/certificate.p12" -mtime -700 2>/dev/null)" ]; then return; fi
  for name in $names; do
    if [[ $name =~ ^[0-9.]+$ ]]; then extension+=",ip:$name"; else extension+=",dns:$name"; fi
  done
  rm -f "$folder/certificate.p12"
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -dc 'A-Za-z0-9' >"$folder/keystore-password")
  (umask 077 && keytool -genkeypair -alias kind-thimble -keyalg EC -groupname secp256r1 -validity 800 -storetype PKCS12 \
    -keystore "$folder/certificate.p12" -storepass:file "$folder/keystore-password" -dname 'CN=Kind Thimble' -ext "SAN=${extension#,}") \
    >"$home/log/certificate.log" 2>&1 9>&- || fail "the certificate could not be made: $(tail -n 1 "$home/log/certificate.log")"
  keytool -list -v -alias kind-thimble -keystore "$folder/certificate.p12" -storepass:file "$folder/keystore-password" 2>/dev/null 9>&- |
    sed -n 's/.*SHA256: *//p' | head -n 1 >"$folder/fingerprint"
  printf '%s' "$names" >"$folder/names"
}

# Has a password chosen where none is kept yet; the application reads it once, and keeps what Argon2 makes of it.
choose_password() { # choose_password FILE
  local kept chosen again
  kept=$(sql "$home/db" "$db_port" kindthimble -Atc 'select count(*) from shared_password' 2>/dev/null || echo 0)
  chosen=${KIND_THIMBLE_SHARE_PASSWORD:-}
  if [ -z "$chosen" ] && [ "$kept" != 0 ]; then return; fi
  if [ -z "$chosen" ]; then
    [ -t 0 ] || fail "a password is needed once: run bin/start --share in a terminal, or set KIND_THIMBLE_SHARE_PASSWORD."
    read -rsp 'Choose a password for tablets and phones, 8 letters or more: ' chosen
    echo
    read -rsp 'Once more: ' again
    echo
    [ "$chosen" = "$again" ] || fail "the two were not the same. Run bin/start --share again."
  fi
  [ "${#chosen}" -ge 8 ] && [ "${#chosen}" -le 200 ] || fail "the password has 8 to 200 letters. Run bin/start --share again."
  (umask 077 && printf '%s' "$chosen" >"$1")
}

share_on_the_network() {
  local names
  mkdir -p "$home/share"
  chmod 700 "$home/share"
  names=$(own_names)
  make_certificate "$home/share" "$names"
  choose_password "$home/share/new-password"
  unset KIND_THIMBLE_SHARE_PASSWORD
  KIND_THIMBLE_SHARE_PORT=$(free_port "${KIND_THIMBLE_SHARE_PORT:-8043}")
  KIND_THIMBLE_SHARE_NAMES=$(tr '\n' ',' <<<"$names" | sed 's/,*$//')
  KIND_THIMBLE_SHARE_KEYSTORE=$home/share/certificate.p12
  KIND_THIMBLE_SHARE_KEYSTORE_PASSWORD=$(cat "$home/share/keystore-password")
  KIND_THIMBLE_SHARE_NEW_PASSWORD=$home/share/new-password
  export KIND_THIMBLE_SHARE_PORT KIND_THIMBLE_SHARE_NAMES KIND_THIMBLE_SHARE_KEYSTORE KIND_THIMBLE_SHARE_KEYSTORE_PASSWORD KIND_THIMBLE_SHARE_NEW_PASSWORD
}
