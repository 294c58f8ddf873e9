package pelluna.app.today;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Ownership;
import pelluna.app.account.TankRole;
import pelluna.app.shell.Marks;
import pelluna.app.shell.Shells;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** All tanks that somebody keeps or looks after: what is due, what is wrong, the gravest first. */
@Controller
class AllTanksController {
    private final Ownership ownership;
    private final TankStates states;
    private final CurrentKeeper keeper;
    private final Shells shells;

    AllTanksController(Ownership ownership, TankStates states, CurrentKeeper keeper, Shells shells) {
        this.ownership = ownership;
        this.states = states;
        this.keeper = keeper;
        this.shells = shells;
    }

    /** @param whose the name of the owner; empty for one's own; @param state null while it is being looked at */
    record Line(long id, String name, String whose, TankRole role, TankState state) {
        private static final Comparator<Line> GRAVEST_FIRST = Comparator.comparing(Line::worst)
                .thenComparing(Line::due)
                .reversed()
                .thenComparing(Line::id);

        private Step worst() {
            return state == null ? Step.CALM : state.worst();
        }

        private int due() {
            return state == null ? 0 : state.due().size() + state.more();
        }
    }

    @GetMapping("/tanks")
    String all(Model model) {
        Words say = keeper.words();
        List<Ownership.Entered> entered = ownership.entered();
        List<Line> lines = entered.stream()
                .filter(e -> !e.tank().archived())
                .map(e -> line(e, states.of(e.tank())))
                .sorted(Line.GRAVEST_FIRST)
                .toList();
        int due = lines.stream().mapToInt(Line::due).sum();
        shells.around(model, "tanks", say.text("page.tanks.title"), say.text("page.tanks.sentence", lines.size(), due));
        model.addAttribute("marks", new Marks(say));
        model.addAttribute("lines", lines);
        model.addAttribute(
                "waiting", lines.stream().filter(l -> l.state() == null).count());
        model.addAttribute(
                "archived",
                entered.stream()
                        .filter(e -> e.tank().archived())
                        .map(e -> line(e, Optional.empty()))
                        .toList());
        return "tanks";
    }

    private static Line line(Ownership.Entered e, Optional<TankState> state) {
        return new Line(
                e.tank().id(),
                e.name(),
                e.tank().role() == TankRole.OWNER ? "" : e.owner(),
                e.tank().role(),
                state.orElse(null));
    }
}
