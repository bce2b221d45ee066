<x-rail />
