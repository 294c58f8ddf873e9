package pelluna.app.bringing;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishDesk;
import pelluna.app.planning.Desk;
import pelluna.core.introduction.Ladder;
import pelluna.core.introduction.Measure;

/** The step ladder of one fish as pages show it: what was tried, what it did, what comes next. */
@Component
class LadderView {
    private final MeasureDesk measures;
    private final FishDesk fish;
    private final BringingDesk bringing;

    LadderView(MeasureDesk measures, FishDesk fish, BringingDesk bringing) {
        this.measures = measures;
        this.fish = fish;
        this.bringing = bringing;
    }

    /** @param boss who presses it; null if nobody by name; @param urgent whether a pull-out rule is met */
    void fill(Model model, Desk desk, long pressed, Long boss, boolean urgent) {
        long tank = desk.tank().id();
        List<Fish> all = fish.all(tank);
        List<MeasureDesk.Told> told = measures.told(tank, pressed);
        model.addAttribute("told", told);
        model.addAttribute(
                "ladder", Ladder.of(told.stream().map(MeasureDesk.Told::taken).toList(), urgent, bringing.instant()));
        model.addAttribute("measures", Measure.values());
        model.addAttribute(
                "others",
                all.stream().filter(Fish::there).filter(f -> f.id() != pressed).toList());
        model.addAttribute("names", all.stream().collect(Collectors.toMap(Fish::id, Fish::said)));
        model.addAttribute("pressedFish", pressed);
        model.addAttribute("boss", boss);
        model.addAttribute("words", new BringingWords(desk, bringing.zone()));
    }
}
