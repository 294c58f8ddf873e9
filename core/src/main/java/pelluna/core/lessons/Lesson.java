package pelluna.core.lessons;

import java.util.List;
import pelluna.core.units.Named;
import pelluna.core.units.Statement;

/** Eight invented tanks to plan for, each with what it is to come to; from the first fish to the large tank. */
public enum Lesson implements Named, Statement {
    FIRST_FISH("first-fish", new Goal.Fish(3), new Goal.AllFit()),
    EVERY_LEVEL("every-level", new Goal.EveryLevel(), new Goal.Kinds(4), new Goal.AllFit()),
    OPEN_TOP("open-top", new Goal.Jumper(), new Goal.Kinds(4), new Goal.AllFit()),
    REEF_CREW("reef-crew", new Goal.NothingEaten(), new Goal.Kinds(5), new Goal.AllFit()),
    RESTOCK("restock", new Goal.Quarantined(), new Goal.Kinds(4), new Goal.AllFit()),
    ROOM_TO_GROW("room-to-grow", new Goal.Fish(6), new Goal.Kinds(5), new Goal.AllFit()),
    PREDATORS("predators", new Goal.Hunter(), new Goal.Kinds(3), new Goal.NothingEaten(), new Goal.AllFit()),
    THREE_SURGEONFISH("three-surgeonfish", new Goal.Surgeonfish(3), new Goal.AllFit());

    private final String word;
    private final List<Goal> goals;

    Lesson(String word, Goal... goals) {
        this.word = word;
        this.goals = List.of(goals);
    }

    @Override
    public String word() {
        return word;
    }

    public List<Goal> goals() {
        return goals;
    }
}
