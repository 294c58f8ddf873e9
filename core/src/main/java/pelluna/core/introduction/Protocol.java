package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Stance;

/**
 * How one arrival is brought in, step by step, by its method. Common practice in its steps; the times are Pelluna's
 * judgement where the trade
 * gives a range.
 */
public record Protocol(Method method, List<Step> steps) {
    /** @param when in words, against lights-out or feeding; @param what to do; @param why in a sentence */
    public record Step(String when, String what, String why) {}

    public Protocol {
        steps = List.copyOf(steps);
    }

    /** @param boss who presses it hardest, as it stands in a sentence: 'the dottyback'; empty if nobody to speak of */
    public static Protocol of(Method method, Stance stance, Optional<String> boss, boolean planktonFeeder) {
        List<Step> steps = new ArrayList<>();
        String theBoss = boss.orElse("the boss");
        steps.add(new Step(
                "the day before",
                "Match the salinity of its water to the tank's; check the cover for gaps.",
                "Most jumpers jump in the first days."));
        if (method == Method.TIME_OUT) {
            steps.add(new Step(
                    "the day before",
                    "Take " + theBoss + " out, into a place of its own or behind a divider.",
                    "Nobody can settle where it is pressed from the first minute."));
        }
        if (method == Method.GROUND_ANEW) {
            groundAnew(steps, stance, theBoss);
        } else if (method == Method.STRAIGHT_IN || method == Method.ALL_AT_ONCE) {
            steps.add(new Step(
                    "an hour before lights-out",
                    "Feed the tank at two ends.",
                    "Fish that have eaten mind newcomers less."));
            steps.add(new Step(
                    "just before lights-out",
                    method == Method.ALL_AT_ONCE
                            ? "Let all of them in together, within minutes."
                            : "Let it in far from " + theBoss + ".",
                    method == Method.ALL_AT_ONCE ? "So nobody owns ground yet." : "The night is its head start."));
        } else {
            steps.add(new Step(
                    "by day",
                    "Into the box, in sight of " + theBoss + ", not on its ground, with something to hide behind.",
                    "Looking costs nobody a fin."));
            steps.add(new Step(
                    "at every feeding",
                    "Feed both sides of the glass at once" + (planktonFeeder ? ", little and often." : "."),
                    "They learn to eat side by side."));
            steps.add(new Step(
                    method == Method.BOX_HOURS ? "twice in the first hours" : "once a day",
                    "Watch for ten minutes or longer and count every strike at the box.",
                    "The gate counts watches, not days."));
            steps.add(new Step(
                    method == Method.BOX_HOURS
                            ? "after a few quiet hours, at lights-out"
                            : "when the gate says so, about " + method.boxDays(stance) + " days on, at lights-out",
                    "Move a rock or two, feed, then open the box and let it swim out by itself.",
                    "New ground that nobody owns, full bellies, and a night's start."));
        }
        if (method == Method.TIME_OUT) {
            steps.add(new Step(
                    "one to two weeks later",
                    "Put " + theBoss + " back, through the box, at lights-out.",
                    "Whoever comes last owns nothing."));
        }
        for (AfterRelease look : AfterRelease.values()) {
            steps.add(new Step(
                    look.plain(),
                    "Look: " + Character.toLowerCase(look.lookFor().charAt(0))
                            + look.lookFor().substring(1),
                    ""));
        }
        return new Protocol(method, steps);
    }

    private static void groundAnew(List<Step> steps, Stance stance, String theBoss) {
        steps.add(new Step(
                Method.GROUND_ANEW.boxDays(stance) + " days before",
                "Take " + theBoss + " and its other rivals out, each to a place where it is not pressed.",
                "Who is away for a week or two forgets its borders."));
        steps.add(new Step(
                "meanwhile",
                "Move the rock that they held, and feed the rest as always.",
                "No old corner to come home to."));
        steps.add(new Step(
                "just before lights-out",
                "Feed the tank at two ends, then let all of them in within minutes, newcomer and rivals.",
                "On that day nobody is the first."));
        steps.add(new Step(
                "the first three days",
                "Watch twice a day, and keep an empty place ready.",
                "If it goes wrong it goes wrong now."));
    }
}
