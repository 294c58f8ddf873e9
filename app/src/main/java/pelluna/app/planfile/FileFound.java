package pelluna.app.planfile;

import pelluna.core.units.Statement;

/** What stands in a plan file in the place of what can be read. */
public sealed interface FileFound extends Statement {
    record NoSize() implements FileFound {}

    record UnknownField() implements FileFound {}

    record TooLarge() implements FileFound {}

    record NoJson() implements FileFound {}

    record NoJsonAt(int line, int column) implements FileFound {}

    record NoText() implements FileFound {}

    record SignsNoText() implements FileFound {}

    record TooManyTogether(int fish) implements FileFound {}

    record TooMany(int fish) implements FileFound {}
}
