package pelluna.app.datapackage;

import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.words.UnitSystem;

/** What a keeper has set for all tanks: a table of one row, without name, address, or how the account is entered. */
final class Settings {
    static final Table TABLE = new Table(
            "settings",
            List.of(
                    new Table.Column("units", Kind.STRING, true),
                    new Table.Column("theme", Kind.STRING, true),
                    new Table.Column("arrows_from", Kind.INTEGER, true),
                    new Table.Column("currency", Kind.STRING, true),
                    new Table.Column("food_price", Kind.NUMBER, false),
                    new Table.Column("sheet_price", Kind.NUMBER, false),
                    new Table.Column("salt_price", Kind.NUMBER, false),
                    new Table.Column("language", Kind.STRING, false),
                    new Table.Column("zone", Kind.STRING, true)),
            Map.of(),
            "id = :keeper");

    static final String OUT = "select units, theme, arrows_from::text, currency, food_price::text, sheet_price::text, "
            + "salt_price::text, language, zone from keeper where id = :keeper";

    private Settings() {}

    /** @throws Refused, if it cannot be so */
    static void take(CSVRecord row, CurrentKeeper keeper) {
        try {
            keeper.reads(UnitSystem.valueOf(row.get("units")));
            keeper.lights(row.get("theme"));
            keeper.draws(Integer.parseInt(row.get("arrows_from")));
            keeper.pays(
                    row.get("currency"),
                    price(row.get("food_price")),
                    price(row.get("sheet_price")),
                    price(row.get("salt_price")));
            String language = row.get("language");
            keeper.speaks(language.isEmpty() ? null : Locale.forLanguageTag(language));
            String zone = row.get("zone");
            keeper.livesIn(zone.isEmpty() ? null : ZoneId.of(zone));
        } catch (IllegalArgumentException | DateTimeException e) {
            throw new Refused("file", new PackageRefusal.BadRow(TABLE.name(), 1), e);
        }
    }

    private static Double price(String text) {
        return text.isEmpty() ? null : Double.valueOf(text);
    }
}
