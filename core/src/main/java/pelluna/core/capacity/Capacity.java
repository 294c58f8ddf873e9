package pelluna.core.capacity;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pelluna.core.catalogue.Stance;
import pelluna.core.growth.BodyMass;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.units.Length;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;

/**
 * How full a tank is with these fish grown, by three ways to count at once. Which of them decides is a matter of
 * school: for the
 * Cautious the strictest of
 * length, water and room, customarily water and room, for the Bold water alone. The others are what other schools
 * would say, and never
 * shown with
 * a higher step than what decides.
 *
 * @param binding the tightest of those that decide
 * @param decide  names of those that decide
 */
public record Capacity(List<Lens> lenses, Lens binding, Set<LensKind> decide, RoomLeft left) {
    /** The fish in whose number 'room left' is told: 6 cm, of middling build. Pelluna's judgement. */
    private static final double YARDSTICK_CM = 6;

    private static final BodyMass YARDSTICK = new BodyMass(0.018, 3);
    private static final int MANY = 40;

    public static Capacity of(Plan plan, Collection<Party> fish) {
        LengthRule rule = LengthRule.of(plan.tank(), plan.startOn());
        Waste waste = Waste.of(plan);
        List<Lens> counted = List.of(
                rule.lens(plan.tank(), LengthRule.inches(fish)),
                waste.lens(Waste.adultFeed(fish)),
                new RoomLens(plan.tank()).lens(fish));
        Set<LensKind> decide = deciding(plan.stance());
        Step most = counted.stream()
                .filter(l -> decide.contains(l.kind()))
                .map(Lens::step)
                .max(Step::compareTo)
                .orElseThrow();
        List<Lens> lenses = counted.stream()
                .map(l -> decide.contains(l.kind()) ? l : l.atMost(most))
                .toList();
        Lens binding = lenses.stream()
                .filter(l -> decide.contains(l.kind()))
                .max(Comparator.comparingDouble(Lens::share))
                .orElseThrow();
        double byLength = Convert.cmFromInches(rule.limitInches(plan.tank().glassLitres()) - LengthRule.inches(fish))
                / YARDSTICK_CM;
        double byWaste =
                (waste.feedAtCeiling() - Waste.adultFeed(fish)) / Waste.feedGrams(YARDSTICK.gramsAt(YARDSTICK_CM));
        return new Capacity(lenses, binding, decide, left(lenses, binding, decide, byLength, byWaste));
    }

    /**
     * What decides about one fish more, tightest first: as {@link #deciding()}, with only those parts of the room that
     * it would take from.
     *
     * @param fish all that are in the tank then, this one too
     */
    public static List<Lens> about(Party one, Plan plan, Collection<Party> fish) {
        return about(one, plan, fish, deciding(plan.stance()));
    }

    /** The same of only some of those that decide. */
    public static List<Lens> about(Party one, Plan plan, Collection<Party> fish, Set<LensKind> names) {
        return new Lenses(plan, names).about(Load.of(plan.tank(), List.of(one)), Load.of(plan.tank(), fish));
    }

    /**
     * Shares of each part of the room that some fish take when grown, by the name of the part; 1 is all of it.
     * Additive over fish.
     */
    public static Map<RoomPart, Double> roomParts(Tank tank, Collection<Party> fish) {
        return new RoomLens(tank).parts(fish);
    }

    /** The names of the lenses that decide in a school. */
    public static Set<LensKind> deciding(Stance stance) {
        return switch (stance) {
            case CAUTIOUS -> Set.of(LensKind.LENGTH_RULE, LensKind.WASTE, LensKind.ROOM);
            case CUSTOMARY -> Set.of(LensKind.WASTE, LensKind.ROOM);
            case BOLD -> Set.of(LensKind.WASTE);
        };
    }

    /** The lenses that decide here, tightest first. */
    public List<Lens> deciding() {
        return lenses.stream()
                .filter(l -> decide.contains(l.kind()))
                .sorted(Comparator.comparingDouble(Lens::share).reversed())
                .toList();
    }

    public boolean decides(Lens lens) {
        return decide.contains(lens.kind());
    }

    public Lens lens(LensKind kind) {
        return lenses.stream().filter(l -> l.kind() == kind).findFirst().orElseThrow();
    }

    private static RoomLeft left(
            List<Lens> lenses, Lens binding, Set<LensKind> decide, double byLength, double byWaste) {
        List<Statement> deciding = new ArrayList<>();
        List<Statement> others = new ArrayList<>();
        lenses.forEach(l -> (decide.contains(l.kind()) ? deciding : others).add(of(l, byLength, byWaste)));
        return new RoomLeft.WhatDecides(
                binding.kind(), binding.share() > 1, new Sentences(deciding), new Sentences(others));
    }

    private static Statement of(Lens lens, double byLength, double byWaste) {
        return switch (lens.kind()) {
            case WASTE -> lens.share() > 1 ? new RoomLeft.FullBy(lens.kind()) : more(lens.kind(), byWaste);
            case ROOM -> lens.why();
            case LENGTH_RULE -> byLength < 0 ? new RoomLeft.FullBy(lens.kind()) : more(lens.kind(), byLength);
        };
    }

    private static RoomLeft more(LensKind lens, double number) {
        int n = (int) Math.floor(Math.max(0, number));
        Length size = new Length(YARDSTICK_CM);
        return n == 0
                ? new RoomLeft.NoMoreBy(lens)
                : n > MANY ? new RoomLeft.ManyMoreBy(lens, MANY, size) : new RoomLeft.MoreBy(lens, n, size);
    }
}
