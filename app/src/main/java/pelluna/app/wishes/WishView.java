package pelluna.app.wishes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.planning.OpenTank;
import pelluna.core.arrivals.BestSet;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Mesh;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * A wish as the page shows it.
 *
 * @param stoppedOn the mesh it lies on; empty if it goes in
 */
record WishView(
        Long id,
        LivestockEntity row,
        Verdict verdict,
        boolean taken,
        Optional<Mesh> stoppedOn,
        String why,
        String fish,
        Words say) {

    static WishView of(OpenTank opened, Verdict v) {
        Party wish = v.wish();
        LivestockEntity row = opened.row(v);
        BestSet best = opened.assessment().bestSet();
        boolean taken = best.take().contains(wish);
        BestSet.Leaving leaving = best.leave().get(wish);
        Optional<Mesh> on = taken
                ? Optional.empty()
                : Optional.of(
                        leaving == null
                                ? v.stop().map(f -> f.rule().mesh()).orElse(Mesh.NUMBER)
                                : leaving.forcedBy().isPresent()
                                                || v.wrongNumber().isPresent()
                                        ? Mesh.COMPANY
                                        : Mesh.NUMBER);
        double scale = 64.0
                / opened.plan().wishes().stream()
                        .mapToDouble(Party::adultCm)
                        .max()
                        .orElse(1);
        int width = (int) Math.max(14, Math.round(wish.adultCm() * scale));
        return new WishView(
                row.id(),
                row,
                v,
                taken,
                on,
                Briefly.why(v, leaving, taken, opened.say()),
                FishDrawing.img(wish.species(), width),
                opened.say());
    }

    String name() {
        return say.of(verdict.wish().species());
    }

    public String label() {
        return say.title(verdict.wish());
    }

    /** Whether it is in the plan though something stands against it. */
    public boolean atOwnRisk() {
        return verdict.wish().hand().risk().taken();
    }

    public String outcome() {
        if (atOwnRisk() && verdict.stop().isPresent()) {
            return say.text("page.wishes.takenAtYourOwnRisk2");
        }
        return taken || verdict.outcome() == Verdict.Outcome.NOT_IN_THIS_TANK
                ? say.of(verdict.outcome())
                : say.text("page.wishes.staysBehind");
    }

    /** The outcome as the head of the conditions that follow. */
    public String outcomeAndThen() {
        boolean conditions = verdict.outcome() == Verdict.Outcome.FITS_IF;
        return conditions && !taken ? say.text("page.wishes.wouldFitIf", outcome()) : outcome();
    }

    public String wants() {
        return "★".repeat(verdict.wish().want()) + "☆".repeat(5 - verdict.wish().want());
    }

    /** The findings, most serious first. */
    public List<Finding> findings() {
        return verdict.findings().stream()
                .sorted(Comparator.comparing(Finding::step).reversed())
                .toList();
    }

    static WishView firstToRead(List<WishView> views) {
        return views.stream()
                .filter(v -> v.taken() && !v.verdict().fitsIf().isEmpty())
                .findFirst()
                .orElse(views.get(0));
    }

    static String sentence(List<WishView> views, Words say) {
        if (views.isEmpty()) {
            return say.text("page.wishes.putDownEverythingThatYouWould");
        }
        int plain = (int) views.stream()
                .filter(v -> v.taken() && v.verdict().fitsIf().isEmpty())
                .count();
        int conditions = (int) views.stream()
                .filter(v -> v.taken() && !v.verdict().fitsIf().isEmpty())
                .count();
        int behind = views.size() - plain - conditions;
        List<String> parts = new ArrayList<>();
        parts.add(plain == 0 ? say.text("page.wishes.noneFitsAsThingsAre") : say.text("page.wishes.fit", plain));
        if (conditions > 0) {
            parts.add(say.text("page.wishes.fitIfYouChangeSomething", conditions));
        }
        if (behind > 0) {
            parts.add(say.text("page.wishes.stayBehind", behind));
        }
        return say.title(say.text("page.wishes.wishes", views.size())) + ". " + say.title(String.join(", ", parts))
                + ".";
    }
}
