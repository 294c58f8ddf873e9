package pelluna.app.spreadsheet;

import pelluna.app.limits.Refusal;
import pelluna.core.units.Statement;

/** A sheet that is not taken in. */
public sealed interface SheetRefusal extends Refusal {
    record NoColumns(String figures) implements SheetRefusal {}

    record TooManyRows(int most) implements SheetRefusal {}

    record NoRow() implements SheetRefusal {}

    record NoRoom(int most, int room) implements SheetRefusal {}

    record NoDay(String typed) implements SheetRefusal {}

    record NoMoment(String typed) implements SheetRefusal {}

    record Wrong(int wrong, int all) implements SheetRefusal {}

    record NoTable() implements SheetRefusal {}

    record Stopped() implements SheetRefusal {}

    record Unread() implements SheetRefusal {}

    record Needed(Statement found, Statement expected) implements SheetRefusal {}
}
