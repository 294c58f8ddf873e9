package pelluna.core.units;

/** The four steps of every severity in Pelluna. Always shown with its wave mark and its word. */
public enum Step implements Named {
    CALM("calm"),
    RIPPLE("ripple"),
    CHOP("chop"),
    SURGE("surge");

    private final String word;

    Step(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }

    public boolean atLeast(Step other) {
        return compareTo(other) >= 0;
    }
}
