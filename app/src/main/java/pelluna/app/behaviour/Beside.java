package pelluna.app.behaviour;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.bringing.BringingDesk;
import pelluna.app.bringing.MeasureDesk;
import pelluna.app.drawing.LadderDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.log.BesideTheLog;
import pelluna.app.planning.Desk;
import pelluna.core.behaviour.Standing;
import pelluna.words.English;

/** The short form of standing, pressure and did it help. */
@Component
class Beside implements BesideTheLog {
    private static final int MOST_PRESSED = 3;

    private final BehaviourDesk behaviour;
    private final MeasureDesk measures;
    private final BringingDesk bringing;

    Beside(BehaviourDesk behaviour, MeasureDesk measures, BringingDesk bringing) {
        this.behaviour = behaviour;
        this.measures = measures;
        this.bringing = bringing;
    }

    @Override
    public Seen of(Desk desk, List<Fish> all) {
        long tank = desk.tank().id();
        List<Fish> there = all.stream().filter(Fish::there).toList();
        Standing standing = behaviour.standing(tank, there);
        Optional<MeasureDesk.Told> last = measures.last(tank);
        return new Seen(
                prompts(desk),
                ladder(standing, BehaviourDesk.byId(all)),
                standing.contests() == 0 ? "" : desk.say().of(standing.order()),
                behaviour.pressed(tank, there).stream()
                        .limit(MOST_PRESSED)
                        .map(p -> new Pressed(
                                p.fish().id(),
                                English.capital(p.fish().label()),
                                p.spark(),
                                desk.say().of(p.trend().course())))
                        .toList(),
                last.map(t -> desk.say().title(t.taken().measure())).orElse(""),
                last.map(t -> desk.say().title(t.taken().did().course()) + ": "
                                + desk.say().of(t.taken().did().counts()) + ".")
                        .orElse(""));
    }

    /** The box gate of those in the box, and the roll while somebody is new. */
    private List<Prompt> prompts(Desk desk) {
        String base = "/tanks/" + desk.tank().id() + "/log/";
        List<Prompt> prompts = new ArrayList<>();
        for (BringingDesk.Coming c : bringing.coming(desk)) {
            c.gate()
                    .ifPresent(g -> prompts.add(new Prompt(
                            English.capital(c.fish().said()) + " is in the box. "
                                    + desk.say().of(g.says()),
                            "The box",
                            base + "bringing?which=" + c.id())));
            if (bringing.callsTheRoll(c)) {
                prompts.add(new Prompt(
                        English.capital(c.fish().said())
                                + " is new. Call the roll at the next feeding: who came, who ate.",
                        "Roll call",
                        base + "roll"));
            }
        }
        return prompts;
    }

    /** A drawing of a standing; empty if nobody has met. */
    static String ladder(Standing standing, Map<String, Fish> byId) {
        return standing.ladder().isEmpty()
                ? ""
                : LadderDrawing.draw(standing.ladder().stream()
                        .filter(r -> byId.containsKey(r.fish()))
                        .map(r -> {
                            Fish f = byId.get(r.fish());
                            return new LadderDrawing.Rung(
                                    f.species(), English.capital(f.label()), r.normalised(), r.contests(), f.id());
                        })
                        .toList());
    }
}
