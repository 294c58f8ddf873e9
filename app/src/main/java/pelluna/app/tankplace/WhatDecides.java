package pelluna.app.tankplace;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pelluna.core.assessment.Assessment;
import pelluna.core.sieve.Assumed;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Mesh;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.Tank;
import pelluna.words.Words;

/** What the tank's figures decide about the wishes: 'Run 150 cm: holds back 2 of your wishes'. */
final class WhatDecides {
    /** One figure and the wishes it holds back. */
    record Decision(String figure, String says) {}

    private WhatDecides() {}

    static List<Decision> sentences(Assessment a, Words say) {
        Map<RuleName, Set<String>> held = new EnumMap<>(RuleName.class);
        for (Verdict v : a.sieve()) {
            v.findings().stream()
                    .filter(Finding::blocks)
                    .filter(f -> f.rule().mesh() != Mesh.COMPANY)
                    .forEach(f -> held.computeIfAbsent(f.rule(), r -> new LinkedHashSet<>())
                            .add(say.of(v.wish().species())));
        }
        List<Decision> decisions = new ArrayList<>();
        held.forEach((rule, names) -> decisions.add(new Decision(
                figure(rule, a, say),
                say.text("page.tankplace.holdsBackWishes", names.size(), say.list(List.copyOf(names))))));
        return decisions;
    }

    /**
     * What is not said, what is assumed in its place, and which wishes hang on it. @param field name of the form field
     */
    record Assumption(String field, String says, String decides) {}

    static List<Assumption> assumed(Assessment a, Words say) {
        Tank tank = a.plan().tank();
        return tank.unsaid().stream()
                .map(u -> {
                    List<String> names = a.sieve().stream()
                            .filter(v -> Assumed.on(u, v))
                            .map(v -> say.of(v.wish().species()))
                            .distinct()
                            .toList();
                    return new Assumption(
                            u.word(),
                            say.title(u) + ": " + say.of(u.assumed(tank)) + ".",
                            names.isEmpty() ? "" : say.text("page.tankplace.decidesAbout", say.list(names)));
                })
                .toList();
    }

    private static String figure(RuleName rule, Assessment a, Words say) {
        var tank = a.plan().tank();
        return switch (rule) {
            case LEAST_VOLUME -> say.text("page.tankplace.aTankOf", say.volume(tank.glassLitres()));
            case LEAST_RUN, TURNING_ROOM -> say.text("page.tankplace.run2", say.length(tank.runCm()));
            case TANK_AGE -> say.text("page.tankplace.ageOfTheTank");
            case SAND ->
                tank.sandDepthCm() == 0
                        ? say.text("page.tankplace.noSand")
                        : say.text("page.tankplace.ofSand", say.length(tank.sandDepthCm()));
            case COVER -> say.text("page.tankplace.cover2", tank.cover());
            case HIDES -> say.title(say.text("page.tankplace.hides", tank.hides()));
            case TEMPERATURE -> say.temperature(tank.temperatureC());
            case SALINITY -> say.text("page.tankplace.gKg", say.number(tank.salinity()));
            case PODS -> say.text("page.tankplace.pods", tank.pods());
            case MEALS -> say.text("page.tankplace.aDay", say.text("page.tankplace.meals", tank.mealsADay()));
            case ALGAE -> say.text("page.tankplace.noSeaweed");
            case REEF_LIFE -> say.text("page.tankplace.whatElseLivesHere");
            case HARD_FEEDER, SKILL, KEEPER_SAFETY -> say.text("page.tankplace.aKeeper", tank.keeper());
            case QUARANTINE -> say.text("page.tankplace.quarantine2", say.of(tank.school()));
            case CAPACITY -> say.text("page.tankplace.nitrateCeilingMgL", say.number(tank.nitrateCeiling()));
            case GROUP_SIZE, COMPANY -> say.text("page.tankplace.company");
            case ASSUMED -> say.text("page.tankplace.whatIsNotSaid");
        };
    }
}
