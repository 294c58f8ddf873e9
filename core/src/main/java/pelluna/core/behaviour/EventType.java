package pelluna.core.behaviour;

import pelluna.core.units.Named;

/** What a fish was seen to do or to look like, and how grave it is where nobody says otherwise. */
public enum EventType implements Named {
    CHASED("chased", Kind.CONTEST, 1),
    NIPPED("nipped", Kind.CONTEST, 2),
    BLOCKED_FOOD("blocked-food", Kind.CONTEST, 1),
    STRUCK_BOX("struck-box", Kind.STRIKE, 1),
    DISPLAYED("displayed", Kind.SHOW, 1),
    EATS("eats", Kind.GOOD, 1),
    SEEN("seen", Kind.GOOD, 1),
    NOT_EATING("not-eating", Kind.SIGN, 2),
    HIDES("hides", Kind.SIGN, 1),
    TORN_FIN("torn-fin", Kind.SIGN, 2),
    WOUND("wound", Kind.SIGN, 3),
    CLOUDY_EYE("cloudy-eye", Kind.SIGN, 2),
    SPOTS("spots", Kind.SIGN, 3),
    FAST_BREATH("fast-breath", Kind.SIGN, 3),
    RUBS("rubs", Kind.SIGN, 1),
    THIN("thin", Kind.SIGN, 2),
    ABSENT("absent", Kind.SIGN, 1),
    JUMPED("jumped", Kind.SIGN, 3),
    SPAWNED("spawned", Kind.LIFE, 1),
    CHANGED_SEX("changed-sex", Kind.LIFE, 1),
    COUNTED("counted", Kind.LIFE, 1),
    NOTE("note", Kind.LIFE, 1),
    FED("fed", Kind.CARE, 1),
    SEAWEED("seaweed", Kind.CARE, 1);

    /** What kind of thing it is; contests, strikes and shows need another fish, care needs none. */
    public enum Kind {
        CONTEST,
        STRIKE,
        SHOW,
        SIGN,
        GOOD,
        LIFE,
        CARE
    }

    private final String word;
    private final Kind kind;
    private final int gravity;

    EventType(String word, Kind kind, int gravity) {
        this.word = word;
        this.kind = kind;
        this.gravity = gravity;
    }

    @Override
    public String word() {
        return word;
    }

    public Kind kind() {
        return kind;
    }

    /** 1 light, 2 hard, 3 grave. */
    public int gravity() {
        return gravity;
    }

    /** Whether it is done to another fish. */
    public boolean toAnother() {
        return kind == Kind.CONTEST || kind == Kind.STRIKE || kind == Kind.SHOW;
    }

    /** Whether it presses the other: a show of fins alone does not. */
    public boolean presses() {
        return kind == Kind.CONTEST || kind == Kind.STRIKE;
    }

    /** Whether a fish is named with it; feeding is the tank's. */
    public boolean ofAFish() {
        return kind != Kind.CARE && this != NOTE;
    }
}
