package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;

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
        List<Finding> findings = new ArrayList<>();
        List<Party> fish = new ArrayList<>(s.plan().staying());
        boolean fullBefore = over(s, fish);
        fish.add(s.wish());
        for (Lens lens : Capacity.of(s.plan(), fish, s.say()).deciding(s.stance())) {
            if (lens.step() != Step.CALM) {
                findings.add(Finding.of(RuleName.CAPACITY, lens.step(), Figure.of(lens.limit()), Figure.of(lens.used()), lens.unit(),
                    (fullBefore ? "Your tank is at its number already. " : "With this fish grown, " + Capacity.plainName(lens)
                        + " is over. ") + lens.says(), remedy(s, lens, fish), "Pelluna's judgement"));
            }
        }
        mass(s, findings);
        return findings;
    }

    private static boolean over(Setting s, List<Party> fish) {
        return Capacity.of(s.plan(), fish, s.say()).deciding(s.stance()).stream().anyMatch(l -> l.share() > 1);
    }

    private static Remedy remedy(Setting s, Lens lens, List<Party> fish) {
        if (lens.name().equals("length-rule")) {
            return Remedy.change("length", "one of your larger fish moves out first");
        }
        Nitrate nitrate = Waste.of(s.plan()).nitrate(Waste.adultFeed(fish));
        double share = nitrate.shareFor(s.tank().nitrateCeiling());
        String rhythm = " every " + Measures.number(s.tank().waterChangeEveryDays()) + " days";
        return share <= 0.5 ? Remedy.change("nitrate", "you change " + (int) Math.ceil(share * 100) + " % of the water" + rhythm)
            : Remedy.otherTank("nitrate", share, "more water or a stronger export: even half the water" + rhythm + " would not hold "
                + Measures.number(s.tank().nitrateCeiling()) + " mg/L");
    }

    private static void mass(Setting s, List<Finding> findings) {
        double has = s.wish().adultGrams() / s.tank().netLitres();
        if (has >= CHOP_GRAMS) {
            findings.add(Finding.of(RuleName.CAPACITY, has >= SURGE_GRAMS ? Step.SURGE : Step.CHOP, Figure.of(CHOP_GRAMS),
                Figure.of(has), "g/L", "Grown, " + (s.wish().count() == 1 ? "it weighs" : "they weigh") + " about "
                    + s.say().mass(s.wish().adultGrams()) + " in " + s.say().volume(s.tank().netLitres()) + " of water.",
                Remedy.otherTank("volume", s.wish().adultGrams() / CHOP_GRAMS, "a tank of at least " + s.say().volume(s.wish().adultGrams() / CHOP_GRAMS) + " net"),
                "Pelluna's judgement"));
        }
    }
}
