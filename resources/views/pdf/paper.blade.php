<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>{{ __("family.{$of}_title") }}</title><style>
@include('pdf.styles')
</style></head><body><x-dynamic-component :component="'family.' . $of" :page="$page" />
<p>{{ __('layout.local_code') }}</p></body></html>
