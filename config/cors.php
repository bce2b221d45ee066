<?php

declare(strict_types=1);

// No other site's pages have any business here; devices are no browsers.
return ['paths' => []];
