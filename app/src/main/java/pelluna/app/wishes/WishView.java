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
                FishDrawing.img(wish.species(), width),
                opened.say());
    }

    private static String why(Verdict v, BestSet.Leaving leaving, boolean taken, Words say) {
        if (leaving != null) {
            return leaving.forcedBy()
                    .map(p -> say.text("page.wishes.theGoesInInstead", p.species()))
                    .orElse(
                            v.wrongNumber().isPresent()
                                    ? say.text("page.wishes.fitsIfTheNumberIsRight")
                                    : say.text("page.wishes.noRoomLeftBesideTheOthers"));
        }
        if (v.wish().hand().risk().taken() && v.stop().isPresent()) {
            return say.text(
                    "page.wishes.atYourOwnRisk",
                    v.stop().map(f -> brief(f, say)).orElse(""));
        }
        if (taken) {
            return v.stop().map(f -> condition(f, say)).orElse("");
        }
        return v.stop().map(f -> brief(f, say)).orElse("");
    }

    /** What a wish that goes in asks for first, in a few words: 'if the sand is 5 cm deep'. */
    private static String condition(Finding f, Words say) {
        return switch (f.rule()) {
            case SAND ->
                say.text(
                        "page.wishes.ifTheSandIsDeep",
                        say.length(f.needs().number().orElse(0)));
            case COVER -> say.text("page.wishes.ifTheTankIsCovered");
            case HIDES -> say.text("page.wishes.ifItHasAHide");
            case TANK_AGE -> say.text("page.wishes.ifYouWaitForTheTank");
            case TEMPERATURE, SALINITY ->
                say.text("page.wishes.ifTheSuitsIt", f.rule().word());
            case PODS -> say.text("page.wishes.ifPodsArePlentiful");
            case HARD_FEEDER -> say.text("page.wishes.ifItEatsInTheShop");
            case MEALS ->
                say.text("page.wishes.ifYouFeedMeals", say.of(f.needs().number()));
            case ALGAE -> say.text("page.wishes.ifSeaweedIsFed");
            case REEF_LIFE ->
                say.text("page.wishes.ifYouRiskThe", say.list(f.has().named()));
            case GROUP_SIZE ->
                say.text("page.wishes.ifThereAreOfThem", say.of(f.needs().number()));
            case COMPANY -> say.text("page.wishes.ifTheOrderHolds");
            case CAPACITY -> say.text("page.wishes.ifMoreWaterIsChanged");
            case SKILL -> say.text("page.wishes.ifEasierFishDidWell");
            case KEEPER_SAFETY -> say.text("page.wishes.ifYouMoveItWithCare");
            case QUARANTINE -> say.text("page.wishes.ifItIsQuarantined");
            case ASSUMED -> say.text("page.wishes.ifItIsAsAssumed");
            case LEAST_VOLUME, LEAST_RUN, TURNING_ROOM -> say.text("page.wishes.ifTheTankIsLarger");
        };
    }

    /** 'run: needs 180 cm, has 150 cm'. */
    static String brief(Finding f, Words say) {
        String rule = say.of(f.rule(), "brief");
        return switch (f.unit()) {
            case LITRES ->
                say.text(
                        "page.wishes.needsHas",
                        say.volume(f.needs().number().orElse(0)),
                        say.volume(f.has().number().orElse(0)));
            case CM ->
                say.text(
                        "page.wishes.needsHas2",
                        rule,
                        say.length(f.needs().number().orElse(0)),
                        say.length(f.has().number().orElse(0)));
            case BODY_LENGTHS ->
                say.text(
                        "page.wishes.turnsAfterBodyLengths",
                        say.number(f.has().number().orElse(0), 1));
            case KEPT -> say.text("page.wishes.notWith", say.list(f.has().named()));
            case OF_5, OF_4 ->
                f.rule() == RuleName.SKILL
                        ? say.text("page.wishes.forSeasonedKeepers")
                        : say.text("page.wishes.hardToGetEating");
            case MONTHS ->
                say.text("page.wishes.wantsMonthsOfAge", say.of(f.needs().number()));
            case NITRATE -> say.text("page.wishes.nitrateWouldPassYourCeiling");
            case TENSION -> say.text("page.wishes.wouldBeASurge");
            default -> rule;
        };
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
