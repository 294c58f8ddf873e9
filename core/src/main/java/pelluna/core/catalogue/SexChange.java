package pelluna.core.catalogue;

import pelluna.core.units.Statement;

/**
 * How a species changes its sex.
 *
 * @param way  {@link #TO_FEMALE}, {@link #TO_MALE}, or something else
 * @param text as the fact has it
 */
public record SexChange(String way, String text) implements Statement {
    public static final String TO_FEMALE = "male_to_female";
    public static final String TO_MALE = "female_to_male";

    static SexChange of(String text) {
        return new SexChange(text.replace(' ', '_'), text);
    }
}
