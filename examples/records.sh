#!/bin/sh
# Reads a studio's records with a token: an owner makes one in the settings, under "Scripts".
#
#   SPALO=http://localhost:4600 TOKEN=spalo_… sh examples/records.sh
set -eu
: "${SPALO:=http://localhost:4600}"
: "${TOKEN:?Set TOKEN to a token from the settings}"

get() { curl --fail --silent --show-error --header "Authorization: Bearer $TOKEN" "$SPALO/api/v1$1"; }

echo "Clients, three to a page:"
get '/clients?limit=3'
echo
echo "Sets of this month, as CSV:"
get "/files/sets.csv?from=$(date +%Y-%m-01)" | sed -n 1,5p
