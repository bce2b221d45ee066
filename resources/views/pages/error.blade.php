<x-layout :title="$title" at="error"><x-error :title="$title" :what="$what" :action="$action" :back="$back" :sent="$sent"
    :typed="$typed" /></x-layout>
