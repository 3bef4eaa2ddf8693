<?php

declare(strict_types=1);

// Commands live in app/Console/Commands and register themselves.
