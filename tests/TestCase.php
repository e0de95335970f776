<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;

abstract class TestCase extends FrameworkTestCase
{
}
