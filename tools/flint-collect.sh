#!/bin/sh
# Gathers what this machine says of itself, for Flint Shelf to hold against the plan.
#
#   sudo sh flint-collect.sh > collected.json
#
# It reads, and changes nothing: no command below writes to a disk, and nothing is sent anywhere. It works without a
# network. Tools that are not there are left out. What it reads:
#   lsblk            names, sizes, models and serial numbers of block devices, and what file systems are on them
#   smartctl -j -a   health of each disk (wants root)
#   zpool            status and fill level of ZFS pools
#   /proc/mdstat     state of arrays of the kernel
#   lspci -vmm       names of cards; link speeds and widths from /sys/bus/pci/devices
#   dmidecode        memory modules (wants root)
# Serial numbers are in the answer. Read it before you show it to others.
set -u

has() { command -v "$1" >/dev/null 2>&1; }

# Standard input as one JSON string: control characters that text has no use for are dropped.
as_json_text() {
  LC_ALL=C tr -d '\000-\010\013\014\016-\037' | LC_ALL=C sed -e 's/\\/\\\\/g' -e 's/"/\\"/g' | LC_ALL=C awk '
    BEGIN { printf "\"" }
    { gsub(/\t/, "\\t"); gsub(/\r/, "\\r"); printf "%s\\n", $0 }
    END { printf "\"" }'
}

block_devices() {
  has lsblk && lsblk -J -b -o NAME,TYPE,SIZE,MODEL,SERIAL,ROTA,TRAN,WWN,FSTYPE,LABEL 2>/dev/null
}

disk_names() {
  has lsblk && lsblk -d -n -o NAME,TYPE 2>/dev/null | awk '$2 == "disk" && $1 !~ /^(zd|zram|nbd)/ { print $1 }'
}

links() {
  for device in /sys/bus/pci/devices/*; do
    [ -r "$device/current_link_width" ] || continue
    printf '%s\t%s\t%s\t%s\t%s\n' "${device##*/}" \
      "$(cat "$device/current_link_speed" 2>/dev/null)" "$(cat "$device/current_link_width" 2>/dev/null)" \
      "$(cat "$device/max_link_speed" 2>/dev/null)" "$(cat "$device/max_link_width" 2>/dev/null)"
  done
}

smart() {
  first=yes
  printf '['
  if has smartctl; then
    for name in $(disk_names); do
      [ "$first" = yes ] || printf ','
      first=no
      smartctl -j -a "/dev/$name" 2>/dev/null | as_json_text
    done
  fi
  printf ']'
}

printf '{"format":"flint-shelf/collected","version":1,"at":"%s","files":{' "$(date -u +%Y-%m-%dT%H:%M:%SZ)"
printf '"lsblk":%s,' "$(block_devices | as_json_text)"
printf '"smart":'; smart; printf ','
printf '"zpool":%s,' "$( (has zpool && zpool status 2>/dev/null) | as_json_text)"
printf '"space":%s,' "$( (has zpool && zpool list -H -p -o name,size,allocated 2>/dev/null) | as_json_text)"
printf '"mdstat":%s,' "$( (cat /proc/mdstat 2>/dev/null) | as_json_text)"
printf '"lspci":%s,' "$( (has lspci && lspci -vmm 2>/dev/null) | as_json_text)"
printf '"links":%s,' "$(links | as_json_text)"
printf '"memory":%s' "$( (has dmidecode && dmidecode -t memory 2>/dev/null) | as_json_text)"
printf '}}\n'
