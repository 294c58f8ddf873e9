package pelluna.app.datapackage;

import pelluna.app.limits.Refusal;

/** Why a package cannot be brought in; nothing of it is kept then. */
public sealed interface PackageRefusal extends Refusal {
    record NoPackage() implements PackageRefusal {}

    record MadeByANewer() implements PackageRefusal {}

    record TooLarge(int megabytes) implements PackageRefusal {}

    /** A file of it is not there, or not as it was written. */
    record Damaged(String file) implements PackageRefusal {}

    /** A row cannot be so. @param line from 1 on, without the names of the columns; 0 for the whole file */
    record BadRow(String file, int line) implements PackageRefusal {}

    record UnknownFish(String name) implements PackageRefusal {}
}
