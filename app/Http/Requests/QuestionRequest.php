<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Questions\ComposeFields;
use Illuminate\Foundation\Http\FormRequest;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** A form that carries a whole question in one hidden field, written as an address. */
abstract class QuestionRequest extends FormRequest
{
    public function fields(): ComposeFields
    {
        return ComposeFields::from(HeaderUtils::parseQuery($this->string('question')->toString()));
    }
}
