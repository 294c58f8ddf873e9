package pelluna.words;

/**
 * A place in a message where an argument is put, with the use that is made of it.
 *
 * @param name of the argument as the message has it
 */
record Slot(String name, Use use) {
    /** How a message uses an argument. */
    enum Use {
        /** Put in as it is said: {@code {cover}}. */
        SAID(""),
        /** Chosen by its code: {@code {cover, select, MESH {…} other {…}}}. */
        CODE("_code"),
        /** Chosen or written by its number: {@code {count, plural, one {…} other {…}}}. */
        NUMBER("_number");

        private final String suffix;

        Use(String suffix) {
            this.suffix = suffix;
        }
    }

    /** The name under which this use is handed over, so that a message may use one argument in several ways. */
    String handed() {
        return (Character.isDigit(name.charAt(0)) ? "at" : "") + name + use.suffix;
    }
}
