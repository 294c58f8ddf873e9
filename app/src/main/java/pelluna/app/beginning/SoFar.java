package pelluna.app.beginning;

import java.util.List;
import java.util.stream.Stream;
import pelluna.app.planning.OpenTank;
import pelluna.app.wishes.Briefly;
import pelluna.core.arrivals.BestSet;
import pelluna.core.arrivals.Dated;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * The plan as far as it is: who comes when, and who stays out.
 *
 * @param together how many of the wishes fit together
 * @param says     the same, and from when
 */
record SoFar(String together, String says, List<Step> steps, List<Step> out) {
    /** A fish of the order. @param says its day, or why it stays out */
    record Step(Species species, String name, String says) {}

    static SoFar of(OpenTank opened) {
        Words say = opened.say();
        List<Dated> order = opened.assessment().arrivals().steps();
        int wishes = opened.plan().wishes().size();
        int fit = opened.assessment().bestSet().take().size();
        String first = order.isEmpty()
                ? ""
                : " " + say.text("page.beginning.firstFish", order.get(0).releaseOn());
        String together = together(fit, wishes, say);
        return new SoFar(
                together,
                together + first,
                order.stream().flatMap(d -> steps(d, say)).toList(),
                opened.assessment().sieve().stream()
                        .filter(v -> !opened.assessment().bestSet().take().contains(v.wish()))
                        .map(v -> out(v, opened.assessment().bestSet(), say))
                        .toList());
    }

    private static String together(int fit, int wishes, Words say) {
        return switch (wishes) {
            case 0 -> say.text("page.beginning.nothingYet");
            case 1 -> fit == 1 ? say.text("page.beginning.itFits") : say.text("page.beginning.itDoesNot");
            default -> say.text("page.beginning.fitTogether", fit, wishes);
        };
    }

    private static Stream<Step> steps(Dated d, Words say) {
        return d.arrival().parties().stream()
                .map(p -> new Step(
                        p.species(),
                        say.title(p),
                        say.text("page.arrivals.onADay", d.releaseOn(), say.of(d.method(), "brief"))));
    }

    private static Step out(Verdict v, BestSet best, Words say) {
        Party wish = v.wish();
        return new Step(
                wish.species(), say.title(wish), Briefly.why(v, best.leave().get(wish), false, say));
    }
}
