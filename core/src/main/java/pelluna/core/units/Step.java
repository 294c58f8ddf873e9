package pelluna.core.units;

/** The four steps of every severity in Pelluna. Always shown with its wave mark and its word. */
public enum Step implements Named {
    CALM("calm", "no concern"),
    RIPPLE("ripple", "expect a squabble"),
    CHOP("chop", "plan for it"),
    SURGE("surge", "don't");

    private final String word;
    private final String plain;

    Step(String word, String plain) {
        this.word = word;
        this.plain = plain;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    public String title() {
        return English.capital(word);
    }

    public boolean atLeast(Step other) {
        return compareTo(other) >= 0;
    }
}
