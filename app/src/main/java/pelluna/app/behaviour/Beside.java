package pelluna.app.behaviour;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.LadderDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.introduction.Interventions;
import pelluna.app.introduction.Introductions;
import pelluna.app.log.BesideTheLog;
import pelluna.app.planning.OpenTank;
import pelluna.core.behaviour.Standing;
import pelluna.words.Words;

/** The short form of standing, pressure and did it help. */
@Component
class Beside implements BesideTheLog {
    private static final int MOST_PRESSED = 3;

    private final Behaviours behaviour;
    private final Interventions measures;
    private final Introductions introductions;

    Beside(Behaviours behaviour, Interventions measures, Introductions introductions) {
        this.behaviour = behaviour;
        this.measures = measures;
        this.introductions = introductions;
    }

    @Override
    public Seen of(OpenTank opened, List<Fish> all) {
        OwnedTank tank = opened.owned();
        List<Fish> there = all.stream().filter(Fish::there).toList();
        Standing standing = behaviour.standing(tank, there);
        Optional<Interventions.Told> last = measures.last(tank);
        return new Seen(
                prompts(opened),
                ladder(standing, Behaviours.byId(all), opened.say()),
                standing.contests() == 0 ? "" : opened.say().of(standing.order()),
                behaviour.pressed(tank, there).stream()
                        .limit(MOST_PRESSED)
                        .map(p -> new Pressed(
                                p.fish().id(),
                                opened.say().title(p.fish().label(opened.say())),
                                p.spark(),
                                opened.say().of(p.trend().course())))
                        .toList(),
                last.map(t -> opened.say().title(t.taken().measure())).orElse(""),
                last.map(t -> opened.say().title(t.taken().did().course()) + ": "
                                + opened.say().of(t.taken().did().counts()) + ".")
                        .orElse(""));
    }

    /** The box gate of those in the box, and the roll while somebody is new. */
    private List<Prompt> prompts(OpenTank opened) {
        String base = "/tanks/" + opened.owned() + "/log/";
        List<Prompt> prompts = new ArrayList<>();
        for (Introductions.Coming c : introductions.coming(opened)) {
            c.gate()
                    .ifPresent(g -> prompts.add(new Prompt(
                            opened.say()
                                    .text(
                                            "page.behaviour.isInTheBox",
                                            c.fish().said(),
                                            opened.say().of(g.says())),
                            opened.say().text("page.behaviour.theBox"),
                            base + "bringing?which=" + c.id())));
            if (introductions.callsTheRoll(c)) {
                prompts.add(new Prompt(
                        opened.say()
                                .text(
                                        "page.behaviour.isNewCallTheRollAtThe",
                                        c.fish().said()),
                        opened.say().text("page.behaviour.rollCall"),
                        base + "roll"));
            }
        }
        return prompts;
    }

    /** A drawing of a standing; empty if nobody has met. */
    static String ladder(Standing standing, Map<String, Fish> byId, Words say) {
        return standing.ladder().isEmpty()
                ? ""
                : LadderDrawing.draw(
                        standing.ladder().stream()
                                .filter(r -> byId.containsKey(r.fish()))
                                .map(r -> {
                                    Fish f = byId.get(r.fish());
                                    return new LadderDrawing.Rung(
                                            f.species(), say.title(f.label(say)), r.normalised(), r.contests());
                                })
                                .toList(),
                        say);
    }
}
