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
import pelluna.words.English;
import pelluna.words.Measures;
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
                            .add(v.wish().species().name()));
        }
        List<Decision> decisions = new ArrayList<>();
        held.forEach((rule, names) -> decisions.add(new Decision(
                figure(rule, a, say),
                "holds back " + English.count(names.size(), "wish", "wishes") + ": " + English.list(List.copyOf(names))
                        + ".")));
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
                            .map(v -> v.wish().species().name())
                            .distinct()
                            .toList();
                    return new Assumption(
                            u.word(),
                            say.title(u) + ": " + say.of(u.assumed(tank)) + ".",
                            names.isEmpty() ? "" : "Decides about " + English.list(names) + ".");
                })
                .toList();
    }

    private static String figure(RuleName rule, Assessment a, Words say) {
        var tank = a.plan().tank();
        return switch (rule) {
            case LEAST_VOLUME -> "A tank of " + say.volume(tank.glassLitres());
            case LEAST_RUN, TURNING_ROOM -> say.length(tank.runCm()) + " run";
            case TANK_AGE -> "Age of the tank";
            case SAND -> tank.sandDepthCm() == 0 ? "No sand" : say.length(tank.sandDepthCm()) + " of sand";
            case COVER -> "Cover: " + tank.cover().word();
            case HIDES -> English.capital(English.count(tank.hides(), "hide", "hides"));
            case TEMPERATURE -> say.temperature(tank.temperatureC());
            case SALINITY -> Measures.number(tank.salinity()) + " g/kg";
            case PODS -> "Pods: " + tank.pods().word();
            case MEALS -> English.capital(English.count(tank.mealsADay(), "meal", "meals")) + " a day";
            case ALGAE -> "No seaweed";
            case REEF_LIFE -> "What else lives here";
            case HARD_FEEDER, SKILL, KEEPER_SAFETY -> "A " + tank.keeper().word() + " keeper";
            case QUARANTINE -> "Quarantine: " + say.of(tank.school());
            case CAPACITY -> "Nitrate ceiling " + Measures.number(tank.nitrateCeiling()) + " mg/L";
            case GROUP_SIZE, COMPANY -> "Company";
            case ASSUMED -> "What is not said";
        };
    }
}
