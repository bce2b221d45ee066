#!/usr/bin/env bash
# What is installed and served, as a CycloneDX 1.5 bill of materials on standard output: PHP packages with the hashes of their files as
# they lie here, and the JavaScript that is built into what browsers load.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
source bin/common.sh
need_php_packages quietly
exec php -d pcov.enabled=0 bin/sbom.php
