package pelluna.app.odds;

import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Species;
import pelluna.core.odds.Months;
import pelluna.core.odds.Remedy;
import pelluna.core.units.Step;

/** How a plan usually goes, for other pages, where it was played already: nothing is played for them. */
@Component
public class OddsAtHand {
    /** From these shares of tanks in which all is well on it is calm, or a ripple. Pelluna's judgement. */
    private static final double CALM_FROM = 0.75;

    private static final double RIPPLE_FROM = 0.5;

    private final OddsDesk desk;

    OddsAtHand(OddsDesk desk) {
        this.desk = desk;
    }

    /**
     * The odds in brief.
     *
     * @param atRisk who is most at risk, and of what; empty if nobody is much
     * @param fish   that one
     * @param step   how grave it is
     */
    public record Brief(String says, String atRisk, Optional<Species> fish, Step step) {}

    /** Of a plan as it stands today. */
    public Optional<Brief> of(OpenTank opened) {
        return desk.known(new Remedy.Version(opened.plan(), opened.assessment().arrivals()))
                .flatMap(play -> play.odds().map(odds -> new OddsPage(play, odds, opened.say())))
                .map(page -> brief(page, opened));
    }

    /** Where it is said at length. */
    public static String href(OpenTank opened) {
        return "/tanks/" + opened.owned() + "/arrivals/odds";
    }

    private static Brief brief(OddsPage page, OpenTank opened) {
        Optional<OddsPage.AtRisk> worst = page.atRisk().stream().findFirst();
        return new Brief(
                opened.say().text("page.odds.brief", opened.say().text("page.odds.ofTwenty", page.well(Months.SIX))),
                worst.map(w -> opened.say().text("page.odds.briefAtRisk", w.name(), w.figure(), w.why()))
                        .orElse(""),
                worst.map(w -> w.party().species()),
                step(page.odds().allWell().get(Months.SIX)));
    }

    private static Step step(double well) {
        return well >= CALM_FROM ? Step.CALM : well >= RIPPLE_FROM ? Step.RIPPLE : Step.CHOP;
    }
}
