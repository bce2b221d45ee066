<?php

declare(strict_types=1);

namespace Lento\Score;

/** What a plan must keep to (SCHEDULE, section 2). */
enum Rule: string
{
    case HasStart = 'has-start';
    case StartKept = 'start-kept';
    case NotBeforeNow = 'not-before-now';
    case NotBeforeAsked = 'not-before-asked';
    case Least = 'least';
    case Most = 'most';
    case HeldMax = 'held-max';
    case Latest = 'latest';
    case HasCook = 'has-cook';
    case CookKept = 'cook-kept';
    case Skill = 'skill';
    case Away = 'away';
    case OneCookOneTask = 'one-cook-one-task';
    case VisitAsked = 'visit-asked';
    case VisitInWindow = 'visit-in-window';
    case VisitFreeHands = 'visit-free-hands';
    case OneVisitAMinute = 'one-visit-a-minute';
    case HasRing = 'has-ring';
    case RingKept = 'ring-kept';
    case RingTakes = 'ring-takes';
    case RingOut = 'ring-out';
    case OneStayARing = 'one-stay-a-ring';
    case Slots = 'slots';
    case OneHeat = 'one-heat';
}
