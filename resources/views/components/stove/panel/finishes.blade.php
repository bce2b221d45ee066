@props(['page'])
<x-stove.panel.ticks :page="$page" :label="__('stove.finishes')" />
