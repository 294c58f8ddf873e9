package pelluna.app.planning;

import java.time.LocalDate;
import pelluna.core.advice.ToDo;
import pelluna.core.units.Statement;

/** What was done to a plan by a step that can be taken back. */
public sealed interface PlanChange extends Statement {
    record RockMoved() implements PlanChange {}

    record RockNarrower() implements PlanChange {}

    record RockWider() implements PlanChange {}

    record RockShaped() implements PlanChange {}

    record RockPutIn() implements PlanChange {}

    record RockTakenOut() implements PlanChange {}

    record HideMoved() implements PlanChange {}

    record HidePutIn() implements PlanChange {}

    record HideTakenOut() implements PlanChange {}

    record RunMoved() implements PlanChange {}

    record RunShorter() implements PlanChange {}

    record RunLonger() implements PlanChange {}

    /** Something that would calm a pair. */
    record Tried(ToDo what) implements PlanChange {}

    /** All that was tried in a copy of the plan. */
    record WhatIfKept() implements PlanChange {}

    record Placed() implements PlanChange {}

    record Dated() implements PlanChange {}

    record LeftToPelluna() implements PlanChange {}

    record Joined() implements PlanChange {}

    record Parted() implements PlanChange {}

    record Split() implements PlanChange {}

    record Stays() implements PlanChange {}

    record Leaves() implements PlanChange {}

    record TakenOff() implements PlanChange {}

    record Priced() implements PlanChange {}

    record BestOrder() implements PlanChange {}

    record RestockPlanned() implements PlanChange {}

    record RestockEnded() implements PlanChange {}

    record ArrivalsWait(LocalDate until) implements PlanChange {}

    record Arrived() implements PlanChange {}

    record LengthMeasured() implements PlanChange {}

    record GroupCounted() implements PlanChange {}
}
