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
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.words.English;
import pelluna.words.Measures;
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
                why(v, leaving, taken, opened.say()),
                FishDrawing.alone(wish.species(), width, "w" + row.id()),
                opened.say());
    }

    private static String why(Verdict v, BestSet.Leaving leaving, boolean taken, Words say) {
        if (leaving != null) {
            return leaving.forcedBy()
                    .map(p -> "the " + p.species().name() + " goes in instead")
                    .orElse(
                            v.wrongNumber().isPresent()
                                    ? "fits if the number is right"
                                    : "no room left beside the others");
        }
        if (v.wish().hand().risk().taken() && v.stop().isPresent()) {
            return "at your own risk: " + v.stop().map(f -> brief(f, say)).orElse("");
        }
        if (taken) {
            return v.stop().map(f -> condition(f, say)).orElse("");
        }
        return v.stop().map(f -> brief(f, say)).orElse("");
    }

    /** What a wish that goes in asks for first, in a few words: 'if the sand is 5 cm deep'. */
    private static String condition(Finding f, Words say) {
        return switch (f.rule()) {
            case SAND -> "if the sand is " + say.length(f.needs().number().orElse(0)) + " deep";
            case COVER -> "if the tank is covered";
            case HIDES -> "if it has a hide";
            case TANK_AGE -> "if you wait for the tank";
            case TEMPERATURE, SALINITY -> "if the " + f.rule().word() + " suits it";
            case PODS -> "if pods are plentiful";
            case HARD_FEEDER -> "if it eats in the shop";
            case MEALS -> "if you feed " + say.of(f.needs().number()) + " meals";
            case ALGAE -> "if seaweed is fed";
            case REEF_LIFE -> "if you risk the " + say.list(f.has().named());
            case GROUP_SIZE -> "if there are " + say.of(f.needs().number()) + " of them";
            case COMPANY -> "if the order holds";
            case CAPACITY -> "if more water is changed";
            case SKILL -> "if easier fish did well";
            case KEEPER_SAFETY -> "if you move it with care";
            case QUARANTINE -> "if it is quarantined";
            case ASSUMED -> "if it is as assumed";
            case LEAST_VOLUME, LEAST_RUN, TURNING_ROOM -> "if the tank is larger";
        };
    }

    /** 'run: needs 180 cm, has 150 cm'. */
    static String brief(Finding f, Words say) {
        String rule = f.rule().word().replace("least-", "").replace('-', ' ');
        return switch (f.unit()) {
            case LITRES ->
                "needs " + say.volume(f.needs().number().orElse(0)) + ", has "
                        + say.volume(f.has().number().orElse(0));
            case CM ->
                rule + ": needs " + say.length(f.needs().number().orElse(0)) + ", has "
                        + say.length(f.has().number().orElse(0));
            case BODY_LENGTHS ->
                "turns after " + Measures.number(Measures.round(f.has().number().orElse(0), 1)) + " body lengths";
            case KEPT -> "not with " + say.list(f.has().named());
            case OF_5, OF_4 -> f.rule() == RuleName.SKILL ? "for seasoned keepers" : "hard to get eating";
            case MONTHS -> "wants " + say.of(f.needs().number()) + " months of age";
            case NITRATE -> "nitrate would pass your ceiling";
            case TENSION -> "would be a Surge";
            default -> rule;
        };
    }

    String name() {
        return verdict.wish().species().name();
    }

    public String label() {
        return English.capital(verdict.wish().label());
    }

    /** Whether it is in the plan though something stands against it. */
    public boolean atOwnRisk() {
        return verdict.wish().hand().risk().taken();
    }

    public String outcome() {
        if (atOwnRisk() && verdict.stop().isPresent()) {
            return "taken at your own risk";
        }
        return taken || verdict.outcome() == Verdict.Outcome.NOT_IN_THIS_TANK
                ? say.of(verdict.outcome())
                : "stays behind";
    }

    /** The outcome as the head of the conditions that follow. */
    public String outcomeAndThen() {
        boolean conditions = verdict.outcome() == Verdict.Outcome.FITS_IF;
        return outcome() + (conditions && !taken ? "; would fit if …" : "");
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

    static String sentence(List<WishView> views) {
        if (views.isEmpty()) {
            return "Put down everything that you would love to have. Nothing is off the page.";
        }
        int plain = (int) views.stream()
                .filter(v -> v.taken() && v.verdict().fitsIf().isEmpty())
                .count();
        int conditions = (int) views.stream()
                .filter(v -> v.taken() && !v.verdict().fitsIf().isEmpty())
                .count();
        int behind = views.size() - plain - conditions;
        List<String> parts = new ArrayList<>();
        parts.add(plain == 0 ? "none fits as things are" : English.count(plain, "fits", "fit"));
        if (conditions > 0) {
            parts.add(English.count(conditions, "fits", "fit") + " if you change something");
        }
        if (behind > 0) {
            parts.add(English.count(behind, "stays", "stay") + " behind");
        }
        return English.capital(English.count(views.size(), "wish", "wishes")) + ". "
                + English.capital(String.join(", ", parts)) + ".";
    }
}
