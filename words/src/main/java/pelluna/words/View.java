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
        PLAIN,
        SPELT,
        SHORT,
        ANY,
        ROUNDED
    }

    static View of(String name, Arguments arguments) {
        if (arguments.type(name).isPresent()) {
            return new View(name, false, How.PLAIN, 0);
        }
        boolean capital = Character.isUpperCase(name.charAt(0));
        String component = capital ? Character.toLowerCase(name.charAt(0)) + name.substring(1) : name;
        if (arguments.type(component).isPresent()) {
            return new View(component, capital, How.PLAIN, 0);
        }
        char last = component.charAt(component.length() - 1);
        if (Character.isDigit(last)) {
            return new View(component.substring(0, component.length() - 1), capital, How.ROUNDED, last - '0');
        }
        for (How how : new How[] {How.SPELT, How.SHORT, How.ANY}) {
            String suffix = how == How.SPELT ? "Words" : how == How.SHORT ? "Short" : "Or";
            if (component.endsWith(suffix)) {
                return new View(component.substring(0, component.length() - suffix.length()), capital, how, 0);
            }
        }
        return new View(component, capital, How.PLAIN, 0);
    }
}
