package pelluna.app.introduction;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.planning.OpenTank;
import pelluna.core.introduction.Intervention;
import pelluna.core.introduction.Ladder;

/** The step ladder of one fish as pages show it: what was tried, what it did, what comes next. */
@Component
class LadderView {
    private final Interventions measures;
    private final Individuals fish;
    private final Introductions introductions;

    LadderView(Interventions measures, Individuals fish, Introductions introductions) {
        this.measures = measures;
        this.fish = fish;
        this.introductions = introductions;
    }

    /** @param boss who presses it; null if nobody by name; @param urgent whether a pull-out rule is met */
    void fill(Model model, OpenTank opened, long pressed, Long boss, boolean urgent) {
        OwnedTank tank = opened.owned();
        List<Fish> all = fish.all(tank);
        List<Interventions.Told> told = measures.told(tank, pressed);
        model.addAttribute("told", told);
        model.addAttribute(
                "ladder",
                Ladder.of(told.stream().map(Interventions.Told::taken).toList(), urgent, introductions.instant()));
        model.addAttribute("measures", Intervention.values());
        model.addAttribute(
                "others",
                all.stream().filter(Fish::there).filter(f -> f.id() != pressed).toList());
        model.addAttribute(
                "names",
                all.stream()
                        .collect(Collectors.toMap(Fish::id, f -> opened.say().of(f.said()))));
        model.addAttribute("pressedFish", pressed);
        model.addAttribute("boss", boss);
        model.addAttribute("words", new IntroductionWords(opened, introductions.zone()));
    }
}
