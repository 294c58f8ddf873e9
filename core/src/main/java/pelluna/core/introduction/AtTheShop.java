package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Zone;
import pelluna.core.units.Length;

/** What to look at on a fish before it is bought, and what to ask the shop. */
public record AtTheShop(List<Line> look, List<Line> ask) {
    /** From this length on the grown size is worth a question. Pelluna's judgement. */
    private static final double LONG_CM = 20;

    /** Things to look at, and questions, that somebody standing before the tank of a shop keeps in mind. */
    private static final int LOOK = 3;

    private static final int ASK = 2;
    private static final int SHY = 4;
    /** What kills within days, from memory; it is looked for first. */
    private static final Set<Leaning> QUICK = Set.of(Leaning.BROOKLYNELLA, Leaning.URONEMA, Leaning.VIBRIO);

    private static final Comparator<Leaning> QUICKEST_FIRST =
            Comparator.comparing((Leaning l) -> !QUICK.contains(l)).thenComparing(Comparator.naturalOrder());

    /** One thing, with where it comes from. */
    public record Line(ShopAdvice says, Source source) {}

    public AtTheShop {
        look = List.copyOf(look);
        ask = List.copyOf(ask);
    }

    /** @param catalogue for the names of look-alikes */
    public static AtTheShop of(Species s, Catalogue catalogue) {
        return new AtTheShop(looks(s), asks(s, catalogue));
    }

    /**
     * The same in three things to look at on this very fish and two to ask: what is its own first, and always whether
     * it is well.
     */
    public static AtTheShop inShort(Species s, Catalogue catalogue) {
        List<Line> look =
                new ArrayList<>(own(s, QUICKEST_FIRST).stream().limit(LOOK - 1).toList());
        look.add(line(new ShopAdvice.LooksWell()));
        look.add(line(new ShopAdvice.BackIsFull()));
        look.add(line(hides(s) ? new ShopAdvice.HoldsItselfWell() : new ShopAdvice.IsOutAndPicks()));
        return new AtTheShop(
                look.subList(0, LOOK), asks(s, catalogue).stream().limit(ASK).toList());
    }

    private static Line line(ShopAdvice says) {
        return new Line(says, Source.COMMON_PRACTICE);
    }

    /** Whether it is nothing to worry about that it keeps out of sight by day. */
    private static boolean hides(Species s) {
        return s.manner().timid() >= SHY || s.place().zones().equals(Set.of(Zone.CAVES));
    }

    private static List<Line> own(Species s, Comparator<Leaning> by) {
        List<Line> lines = new ArrayList<>();
        s.buying()
                .ifPresent(b -> lines.add(new Line(new ShopAdvice.KindsOwn(new CatalogueText(b)), s.source("buying"))));
        s.health().leanings().stream()
                .sorted(by)
                .forEach(l -> lines.add(new Line(new ShopAdvice.SignOf(l), s.source("leanings"))));
        return lines;
    }

    private static List<Line> looks(Species s) {
        List<Line> lines = own(s, Comparator.naturalOrder());
        s.appearance()
                .young()
                .map(y -> new ShopAdvice.LooksDifferentYoung(new Length(y.untilCm())))
                .ifPresent(a -> lines.add(new Line(a, s.source("young"))));
        lines.add(line(new ShopAdvice.LooksWell()));
        return lines;
    }

    private static List<Line> asks(Species s, Catalogue catalogue) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(new ShopAdvice.SeeItEat(s.diet().hard() >= 4), s.source("feeding")));
        lines.add(new Line(new ShopAdvice.HowLongHere(s.health().copper() != Copper.TOLERATES), s.source("copper")));
        lines.add(new Line(new ShopAdvice.WhereFrom(s.captiveBred()), s.source("captive")));
        if (s.size().usualCm() >= LONG_CM) {
            lines.add(new Line(new ShopAdvice.HowLong(new Length(s.size().usualCm())), s.source("adult")));
        }
        GroupLife life = s.social().life();
        if (life == GroupLife.HAREM || life == GroupLife.PAIR) {
            lines.add(new Line(new ShopAdvice.KeptTogether(life == GroupLife.PAIR), s.source("social")));
        }
        s.appearance().confusedWith().stream()
                .findFirst()
                .map(l -> catalogue
                        .find(l.name())
                        .<ShopAdvice>map(ShopAdvice.NotThatOne::new)
                        .orElseGet(() -> new ShopAdvice.NotThatStranger(l.name())))
                .ifPresent(says -> lines.add(new Line(says, s.source("confused"))));
        return lines;
    }
}
