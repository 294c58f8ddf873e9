package pelluna.core.livestock;

import java.util.Optional;
import pelluna.core.units.Named;

/** What happens in the life of a fish, pair or group; a life is the row of these. */
public enum LifeEvent implements Named {
    SLEPT_ON("slept-on", Stage.SLEPT_ON),
    WISHED("wished", Stage.WISHED),
    QUARANTINED("quarantined", Stage.QUARANTINE),
    /** Its quarantine ended, and it went no further. */
    QUARANTINE_ENDED("quarantine-ended", Stage.WISHED),
    KEPT_APART("kept-apart", Stage.APART),
    BOXED("boxed", Stage.BOX),
    CALLED_OFF("called-off", Stage.WISHED),
    CAME("came", Stage.DISPLAY),
    /** Its coming was taken back, as after a slip: it is a wish as before. */
    ARRIVAL_UNDONE("arrival-undone", Stage.WISHED),
    BOXED_AGAIN("boxed-again", Stage.BACK_IN_BOX),
    TIMED_OUT("timed-out", Stage.TIME_OUT),
    BACK("back", Stage.DISPLAY),
    MISSED("missed", Stage.MISSING),
    FOUND("found", Stage.DISPLAY),
    TAKEN_OFF("taken-off", Stage.DROPPED),
    /** What had taken it off is taken back: it stands where it stood before. */
    PUT_BACK("put-back", null),
    LOST("lost", Stage.GONE),
    REHOMED("rehomed", Stage.GONE),
    RETURNED("returned", Stage.GONE),
    TRADED_IN("traded-in", Stage.GONE),
    /** Gone in a way that nobody has put into a word of these. */
    LEFT("left", Stage.GONE),
    /** It was written down by a slip, and never was. */
    NEVER_WAS("never-was", Stage.GONE);

    private final String word;
    private final Stage to;

    LifeEvent(String word, Stage to) {
        this.word = word;
        this.to = to;
    }

    @Override
    public String word() {
        return word;
    }

    /** Where it leads; empty where that hangs on what was before. */
    public Optional<Stage> to() {
        return Optional.ofNullable(to);
    }
}
