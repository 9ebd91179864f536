<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Project;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Projects belong to people; others are not even told that they exist. */
final class ProjectPolicy
{
    public function work(User $user, Project $project): Response
    {
        return $project->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }
}
