<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Batch;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kalokroma\Exchange\RolesReader;
use Kalokroma\Planning\IllegalSquad;
use Kalokroma\Planning\SquadPlan;
use Kalokroma\Recipe\Plan;

/** So many models by a plan that no batch has been begun of: `models`, and with `roles` how many of them are who. */
final class WishedSquad
{
    /** @throws ValidationException when there are none, too many, or more with a role than there are */
    public static function of(Request $request, Plan $plan): SquadPlan
    {
        $wish = $request->validate(
            ['models' => ['required', 'integer', 'between:1,'.Batch::MOST_MODELS], 'roles' => ['nullable', 'string', 'max:600']],
            ['models.*' => 'A batch has 1 to '.Batch::MOST_MODELS.' models. Split a larger one.'],
        );
        $models = (int) $wish['models'];
        try {
            return isset($wish['roles'])
                ? SquadPlan::of($plan, RolesReader::squad($wish['roles'], $plan, $models))
                : SquadPlan::alike($plan, $models);
        } catch (IllegalSquad $illegal) {
            throw ValidationException::withMessages([$illegal->field => $illegal->getMessage()]);
        }
    }
}
