package pelluna.core.behaviour;

import pelluna.core.units.Named;

/** What a fish was seen to do or to look like, and how grave it is where nobody says otherwise. */
public enum Doing implements Named {
    CHASED("chased", "chased", Kind.CONTEST, 1),
    NIPPED("nipped", "nipped", Kind.CONTEST, 2),
    BLOCKED_FOOD("blocked-food", "kept from food", Kind.CONTEST, 1),
    STRUCK_BOX("struck-box", "struck at the box of", Kind.STRIKE, 1),
    DISPLAYED("displayed", "displayed at", Kind.SHOW, 1),
    EATS("eats", "eats", Kind.GOOD, 1),
    SEEN("seen", "is there", Kind.GOOD, 1),
    NOT_EATING("not-eating", "does not eat", Kind.SIGN, 2),
    HIDES("hides", "hides", Kind.SIGN, 1),
    TORN_FIN("torn-fin", "has a torn fin", Kind.SIGN, 2),
    WOUND("wound", "has a wound", Kind.SIGN, 3),
    CLOUDY_EYE("cloudy-eye", "has a cloudy eye", Kind.SIGN, 2),
    SPOTS("spots", "has spots", Kind.SIGN, 3),
    FAST_BREATH("fast-breath", "breathes fast", Kind.SIGN, 3),
    RUBS("rubs", "rubs itself", Kind.SIGN, 1),
    THIN("thin", "is thin", Kind.SIGN, 2),
    ABSENT("absent", "did not come", Kind.SIGN, 1),
    JUMPED("jumped", "jumped", Kind.SIGN, 3),
    SPAWNED("spawned", "spawned", Kind.LIFE, 1),
    CHANGED_SEX("changed-sex", "changed sex", Kind.LIFE, 1),
    COUNTED("counted", "counted", Kind.LIFE, 1),
    NOTE("note", "note", Kind.LIFE, 1),
    FED("fed", "fed", Kind.CARE, 1),
    SEAWEED("seaweed", "seaweed given", Kind.CARE, 1);

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
    private final String says;
    private final Kind kind;
    private final int gravity;

    Doing(String word, String says, Kind kind, int gravity) {
        this.word = word;
        this.says = says;
        this.kind = kind;
        this.gravity = gravity;
    }

    @Override
    public String word() {
        return word;
    }

    /** As it stands in a sentence after the fish: 'the angel chased the wrasse'. */
    public String says() {
        return says;
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
