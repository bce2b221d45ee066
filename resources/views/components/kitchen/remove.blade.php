@props(['section', 'id', 'name'])
<form method="post" action="{{ route('kitchen.remove', [$section, $id]) }}" class="remove">@csrf<button class="btn btn-outline-dark"
    aria-label="{{ __('kitchen.remove', ['name' => $name]) }}">×</button></form>
