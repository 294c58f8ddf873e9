package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.Nitrate;
import pelluna.core.capacity.Waste;
import pelluna.core.plan.Party;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/** The residents and this wish alone, grown, against the capacity of the stance; and adult mass against the water. */
final class CapacityRule implements Rule {
    /** Grams of one kind of fish per litre: Chop and Surge from here on. Pelluna's judgement. */
    private static final double CHOP_GRAMS = 1.5;

    private static final double SURGE_GRAMS = 2.2;

    @Override
    public List<Finding> check(Setting s) {
        List<Finding> findings = check(s, Capacity.deciding(s.stance()));
        mass(s, findings);
        return findings;
    }

    /** The same of what hangs on the changes of water: not of room, nor of mass. */
    static List<Finding> byChanges(Setting s) {
        Set<String> names = new TreeSet<>(Capacity.deciding(s.stance()));
        names.remove(Lens.ROOM);
        return check(s, names);
    }

    private static List<Finding> check(Setting s, Set<String> names) {
        List<Finding> findings = new ArrayList<>();
        List<Party> fish = new ArrayList<>(s.plan().staying());
        List<Party> before = List.copyOf(fish);
        fish.add(s.wish());
        List<Lens> already = null;
        for (Lens lens : Capacity.about(s.wish(), s.plan(), fish, s.say(), names)) {
            if (lens.step() != Step.CALM) {
                already = already == null ? Capacity.about(s.wish(), s.plan(), before, s.say()) : already;
                findings.add(Finding.of(
                        RuleName.CAPACITY,
                        lens.step(),
                        Figure.of(lens.limit()),
                        Figure.of(lens.used()),
                        lens.unit(),
                        (over(already, lens)
                                        ? "Your tank is at its number already. "
                                        : "With this fish grown, " + Capacity.plainName(lens) + " is over. ")
                                + lens.says(),
                        remedy(s, lens, fish),
                        "Pelluna's judgement"));
            }
        }
        return findings;
    }

    private static boolean over(List<Lens> already, Lens lens) {
        return already.stream().anyMatch(l -> l.name().equals(lens.name()) && l.share() > 1);
    }

    private static Remedy remedy(Setting s, Lens lens, List<Party> fish) {
        if (lens.name().equals(Lens.LENGTH)) {
            return Remedy.change("length", "one of your larger fish moves out first");
        }
        if (lens.name().equals(Lens.ROOM)) {
            return Remedy.change("room", "somebody who takes the same room moves out first, or there is more of it");
        }
        Nitrate nitrate = Waste.of(s.plan()).nitrate(Waste.adultFeed(fish));
        double share = nitrate.shareFor(s.tank().nitrateCeiling());
        String rhythm = " every " + Measures.number(s.tank().waterChangeEveryDays()) + " days";
        return share <= 0.5
                ? Remedy.change("nitrate", "you change " + (int) Math.ceil(share * 100) + " % of the water" + rhythm)
                : Remedy.otherTank(
                        "nitrate",
                        share,
                        "more water or a stronger export: even half the water" + rhythm + " would not hold "
                                + Measures.number(s.tank().nitrateCeiling()) + " mg/L");
    }

    private static void mass(Setting s, List<Finding> findings) {
        double has = s.wish().adultGrams() / s.tank().netLitres();
        if (has >= CHOP_GRAMS) {
            findings.add(Finding.of(
                    RuleName.CAPACITY,
                    has >= SURGE_GRAMS ? Step.SURGE : Step.CHOP,
                    Figure.of(CHOP_GRAMS),
                    Figure.of(has),
                    "g/L",
                    "Grown, " + (s.wish().count() == 1 ? "it weighs" : "they weigh") + " about "
                            + s.say().mass(s.wish().adultGrams()) + " in "
                            + s.say().volume(s.tank().netLitres()) + " of water.",
                    Remedy.otherTank(
                            "volume",
                            s.wish().adultGrams() / CHOP_GRAMS,
                            "a tank of at least " + s.say().volume(s.wish().adultGrams() / CHOP_GRAMS) + " net"),
                    "Pelluna's judgement"));
        }
    }
}
