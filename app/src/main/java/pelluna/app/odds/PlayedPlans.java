package pelluna.app.odds;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.planning.SolveTime;
import pelluna.core.arrivals.Schedule;
import pelluna.core.odds.Happening;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.Plan;
import pelluna.words.Words;

/** Plans that are nobody's tank, played like those that are. */
@Component
public class PlayedPlans {
    private static final int TYPICAL_OF = 100;

    private final OddsDesk desk;
    private final SolveTime time;

    PlayedPlans(OddsDesk desk, SolveTime time) {
        this.desk = desk;
        this.time = time;
    }

    /**
     * How far it has come.
     *
     * @param over   whether nothing more comes
     * @param played runs so far, of so many
     * @param odds   empty until all runs are played
     * @param page   the same in words
     * @param story  a run like most, told
     */
    public record Played(
            boolean over, int played, int runs, Optional<Odds> odds, Optional<OddsPage> page, List<Happening> story) {}

    /** Everything that a plan wishes for goes in. Begins it, if nobody has asked for it lately. */
    public Played of(Plan plan, Schedule schedule, Words say) {
        Remedy.Version all = new Remedy.Everything().on(new Remedy.Version(plan, schedule), time.begins());
        Play play = desk.of(all, Optional.empty());
        Optional<OddsPage> page = play.odds().map(odds -> new OddsPage(play, odds, say));
        return new Played(
                play.over(),
                play.played(),
                desk.runs(),
                play.odds(),
                page,
                page.map(p -> play.tell(p.typical(TYPICAL_OF))).orElse(List.of()));
    }
}
