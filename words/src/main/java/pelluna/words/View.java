package pelluna.words;

/**
 * What a message asks of a component: the component itself, or another view of it by the spelling of the name.
 *
 * @param component its name in the record
 * @param capital   whether it is to begin with a capital letter
 * @param decimals  at most so many; only with {@link How#ROUNDED}
 */
record View(String component, boolean capital, How how, int decimals) {
    enum How {
        PLAIN(""),
        SPELT("Words"),
        SHORT("Short"),
        ANY("Or"),
        ROUNDED(""),
        /** As the subject of a sentence, with its article: 'der Lippfisch'. */
        DER("Der"),
        /** As its direct object: 'den Lippfisch'. */
        DEN("Den"),
        /** As its indirect object: 'dem Lippfisch'. */
        DEM("Dem");

        private final String suffix;

        How(String suffix) {
            this.suffix = suffix;
        }

        /** With an article, in the case that the message asks for. */
        boolean articled() {
            return ordinal() >= DER.ordinal();
        }

        /** The one that the end of a name asks for; plain if none. */
        static How of(String name) {
            for (How how : values()) {
                if (!how.suffix.isEmpty() && name.endsWith(how.suffix) && name.length() > how.suffix.length()) {
                    return how;
                }
            }
            return PLAIN;
        }

        private String without(String name) {
            return name.substring(0, name.length() - suffix.length());
        }
    }

    static View of(String name, Arguments arguments) {
        if (arguments.type(name).isPresent()) {
            return new View(name, false, How.PLAIN, 0);
        }
        boolean capital = Character.isUpperCase(name.charAt(0));
        String component = capital ? Character.toLowerCase(name.charAt(0)) + name.substring(1) : name;
        return arguments.type(component).isPresent()
                ? new View(component, capital, How.PLAIN, 0)
                : of(component, capital);
    }

    /** What the end of a name asks for. */
    static View of(String name, boolean capital) {
        char last = name.charAt(name.length() - 1);
        if (Character.isDigit(last) && name.length() > 1) {
            return new View(name.substring(0, name.length() - 1), capital, How.ROUNDED, last - '0');
        }
        How how = How.of(name);
        return new View(how.without(name), capital, how, 0);
    }
}
