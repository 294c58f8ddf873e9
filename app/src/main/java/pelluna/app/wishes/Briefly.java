package pelluna.app.wishes;

import pelluna.core.arrivals.BestSet;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/** What stands against a wish, in a few words. */
public final class Briefly {
    private Briefly() {}

    /** Why it stays out, or what it asks for; empty if it goes in as it is. @param leaving null if it is taken */
    public static String why(Verdict v, BestSet.Leaving leaving, boolean taken, Words say) {
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
                    v.stop().map(f -> stops(f, say)).orElse(""));
        }
        if (taken) {
            return v.stop().map(f -> condition(f, say)).orElse("");
        }
        return v.stop().map(f -> stops(f, say)).orElse("");
    }

    /** What a wish that goes in asks for first, in a few words: 'if the sand is 5 cm deep'. */
    public static String condition(Finding f, Words say) {
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
    public static String stops(Finding f, Words say) {
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
}
