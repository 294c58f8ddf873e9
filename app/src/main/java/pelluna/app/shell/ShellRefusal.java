package pelluna.app.shell;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Sentences;

/** What failed without any page having refused it. */
public sealed interface ShellRefusal extends Refusal {
    record NotHere() implements ShellRefusal {}

    record NotAskedSo() implements ShellRefusal {}

    record NotToBeHadSo() implements ShellRefusal {}

    record Raced() implements ShellRefusal {}

    record Unusable() implements ShellRefusal {}

    record Unread() implements ShellRefusal {}

    record Beyond() implements ShellRefusal {}

    record Broken() implements ShellRefusal {}

    record Unfinished() implements ShellRefusal {}

    record NoPrice(String typed) implements ShellRefusal {}

    record NoSize(String typed) implements ShellRefusal {}

    record Problems(Sentences problems) implements ShellRefusal {}

    /** What the catalogue says of a fact that is none. */
    record WordRefused(Sentences problems) implements ShellRefusal {}
}
