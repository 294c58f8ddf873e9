package pelluna.app.names;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Species;
import pelluna.core.names.Meant;
import pelluna.core.names.Resolution;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * What a name that somebody types may mean, each with this tank's verdict. A word for a group opens it, those that fit
 * first.
 */
@Component
public class NameChoices {
    /** Rows of a list; a group shows more. */
    private static final int ROWS = 8;

    private static final int GROUP_ROWS = 24;
    private static final int WIDTH = 52;
    /** No name of a fish is longer. */
    private static final int LONGEST_NAME = 120;

    private static final int LONGEST = 90;

    private final KeeperCatalogue catalogue;

    NameChoices(KeeperCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** What is said above the rows; the rows. */
    public record Offer(String says, List<NameChoice> rows) {}

    private record Judged(Meant meant, Verdict verdict) {}

    public Resolution resolve(String typed) {
        return catalogue.names().resolve(typed.length() > LONGEST_NAME ? typed.substring(0, LONGEST_NAME) : typed);
    }

    public Offer offer(String typed, OpenTank opened) {
        return offer(typed, opened.singles(), opened.say());
    }

    /** The same for a plan that is no tank of anybody. O(rows × rules × residents). */
    public Offer offer(String typed, Singles singles, Words say) {
        Resolution found = resolve(typed);
        List<Judged> judged = new ArrayList<>();
        found.meant().stream()
                .limit(found.group() ? Long.MAX_VALUE : ROWS)
                .forEach(m -> judged.add(new Judged(m, singles.of(m.species()))));
        if (found.group()) {
            judged.sort(Comparator.comparing((Judged j) -> j.verdict().outcome())
                    .thenComparing(j -> j.meant().species().sold()));
        }
        List<NameChoice> rows = new ArrayList<>();
        judged.stream().limit(GROUP_ROWS).forEach(j -> rows.add(row(j, rows.size(), say)));
        return new Offer(says(found, found.typed().trim(), say), rows);
    }

    private static String says(Resolution found, String typed, Words say) {
        if (found.meant().isEmpty()) {
            return say.text("page.names.typeTheNameOfAFishIn");
        }
        if (found.guessed()) {
            return say.text("page.names.pellunaDoesntKnowIsItOfThese", typed);
        }
        return found.group()
                ? say.text("page.names.isAWholeGroupWhichOneThose", typed)
                : found.one().isPresent()
                        ? ""
                        : say.text(
                                "page.names.fitsFishWhichOne",
                                typed,
                                found.meant().size());
    }

    private static NameChoice row(Judged j, int index, Words say) {
        Species s = j.meant().species();
        String as = j.meant().as().equals(say.of(s)) || j.meant().as().equals(s.scientificName())
                ? ""
                : j.meant().as();
        return new NameChoice(
                say.of(s),
                s.scientificName(),
                as,
                say.of(s.sold()),
                j.verdict().outcome(),
                verdict(j.verdict(), say),
                FishDrawing.alone(s.lookAt(s.usualShopCm()), "", WIDTH, "name" + index));
    }

    private static String verdict(Verdict v, Words say) {
        String more = switch (v.outcome()) {
            case FITS -> "";
            case FITS_IF -> say.of(v.fitsIf().get(0));
            case NOT_IN_THIS_TANK -> v.stop().map(f -> say.of(f.reason())).orElse("");
        };
        String says = v.outcome() == Verdict.Outcome.FITS_IF
                ? say.text("page.names.fitsIf", more)
                : say.of(v.outcome()) + (more.isEmpty() ? "" : ": " + more);
        return says.length() <= LONGEST ? says : says.substring(0, says.lastIndexOf(' ', LONGEST)) + " …";
    }
}
