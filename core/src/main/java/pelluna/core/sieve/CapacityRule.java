package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.Nitrate;
import pelluna.core.capacity.Waste;
import pelluna.core.catalogue.Source;
import pelluna.core.plan.Party;
import pelluna.core.units.Mass;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;
import pelluna.core.units.Volume;

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
        Set<LensKind> names = EnumSet.copyOf(Capacity.deciding(s.stance()));
        names.remove(LensKind.ROOM);
        return check(s, names);
    }

    private static List<Finding> check(Setting s, Set<LensKind> names) {
        List<Finding> findings = new ArrayList<>();
        List<Party> fish = new ArrayList<>(s.plan().staying());
        List<Party> before = List.copyOf(fish);
        fish.add(s.wish());
        List<Lens> already = null;
        for (Lens lens : Capacity.about(s.wish(), s.plan(), fish, names)) {
            if (lens.step() != Step.CALM) {
                already = already == null ? Capacity.about(s.wish(), s.plan(), before) : already;
                findings.add(Finding.of(
                        RuleName.CAPACITY,
                        lens.step(),
                        Figure.of(lens.limit()),
                        Figure.of(lens.used()),
                        lens.unit(),
                        over(already, lens)
                                ? new Reason.FullAlready(lens.why())
                                : new Reason.OverWithIt(lens.kind(), lens.why()),
                        remedy(s, lens, fish),
                        Source.JUDGEMENT));
            }
        }
        return findings;
    }

    private static boolean over(List<Lens> already, Lens lens) {
        return already.stream().anyMatch(l -> l.kind() == lens.kind() && l.share() > 1);
    }

    private static Remedy remedy(Setting s, Lens lens, List<Party> fish) {
        if (lens.kind() == LensKind.LENGTH_RULE) {
            return Remedy.change("length", new Condition.LargerFishOut());
        }
        if (lens.kind() == LensKind.ROOM) {
            return Remedy.change("room", new Condition.RoomMade());
        }
        Nitrate nitrate = Waste.of(s.plan()).nitrate(Waste.adultFeed(fish));
        double share = nitrate.shareFor(s.tank().nitrateCeiling());
        double every = s.tank().waterChangeEveryDays();
        return share <= 0.5
                ? Remedy.change("nitrate", new Condition.WaterChanged((int) Math.ceil(share * 100), every))
                : Remedy.otherTank(
                        "nitrate",
                        share,
                        new Condition.MoreWaterOrExport(every, s.tank().nitrateCeiling()));
    }

    private static void mass(Setting s, List<Finding> findings) {
        double has = s.wish().adultGrams() / s.tank().netLitres();
        if (has >= CHOP_GRAMS) {
            findings.add(Finding.of(
                    RuleName.CAPACITY,
                    has >= SURGE_GRAMS ? Step.SURGE : Step.CHOP,
                    Figure.of(CHOP_GRAMS),
                    Figure.of(has),
                    Unit.GRAMS_PER_LITRE,
                    new Reason.TooHeavy(
                            s.wish().count(),
                            new Mass(s.wish().adultGrams()),
                            new Volume(s.tank().netLitres())),
                    Remedy.otherTank(
                            "volume",
                            s.wish().adultGrams() / CHOP_GRAMS,
                            new Condition.NetTankOf(new Volume(s.wish().adultGrams() / CHOP_GRAMS))),
                    Source.JUDGEMENT));
        }
    }
}
