package pelluna.core.shop;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Sold;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Zone;

/**
 * Fish of the same role as another: what it is kept for, what it eats, where it lives, how it is shaped and coloured,
 * how large it grows. The weights are Pelluna's judgement.
 */
final class Instead {
    private static final int MOST = 3;
    /** Less than this has too little in common to be offered. */
    private static final double LEAST = 4;

    private static final double GROUP = 3;
    private static final double HELP = 3;
    private static final double GUILD = 2;
    private static final double PLACE = 2;
    private static final double FORM = 1.5;
    private static final double COLOUR = 1;
    private static final double SIZE = 1.5;
    private static final double SOLD = 0.4;

    private record Like(Species species, double points) {}

    private Instead() {}

    static List<Species> of(Species s, List<Species> among) {
        return among.stream()
                .filter(o -> !o.equals(s))
                .map(o -> new Like(o, points(s, o)))
                .filter(l -> l.points() >= LEAST)
                .sorted(Comparator.comparingDouble(Like::points)
                        .reversed()
                        .thenComparing(l -> l.species().scientificName()))
                .limit(MOST)
                .map(Like::species)
                .toList();
    }

    private static double points(Species s, Species o) {
        double ratio = s.size().usualCm() / o.size().usualCm();
        return (s.group().equals(o.group()) ? GROUP : 0)
                + HELP * helps(s, o)
                + (s.diet().guild() == o.diet().guild() ? GUILD : 0)
                + PLACE * places(s.place().zones(), o.place().zones())
                + FORM * s.look().form().likeness(o.look().form())
                + COLOUR * s.look().colourLikeness(o.look())
                + SIZE * Math.min(ratio, 1 / ratio)
                - SOLD * Math.max(0, o.sold().ordinal() - Sold.OFTEN.ordinal());
    }

    private static double helps(Species s, Species o) {
        Set<Help> wanted = s.helps();
        return wanted.isEmpty()
                ? 0
                : (double) wanted.stream().filter(o.helps()::contains).count() / wanted.size();
    }

    private static double places(Set<Zone> one, Set<Zone> other) {
        Set<Zone> both = EnumSet.copyOf(one);
        both.retainAll(other);
        Set<Zone> either = EnumSet.copyOf(one);
        either.addAll(other);
        return (double) both.size() / either.size();
    }
}
