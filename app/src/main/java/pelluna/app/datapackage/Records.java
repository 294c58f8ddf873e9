package pelluna.app.datapackage;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Everything that is kept of a tank or of a keeper, by the names that the data package has for it. */
@Component
public class Records {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String TANK = "tank";

    private final Tables tables;
    private final JdbcClient jdbc;
    private final CurrentKeeper keeper;
    private List<Table> known;

    Records(Tables tables, JdbcClient jdbc, CurrentKeeper keeper) {
        this.tables = tables;
        this.jdbc = jdbc;
        this.keeper = keeper;
    }

    /** @param type as JSON Schema has it, with its format where it has one; @param always whether it is never null */
    public record Column(String name, String type, String format, boolean always) {}

    /** @param ofATank whether a tank has them; a keeper has the others */
    public record Shape(String name, boolean ofATank, List<Column> columns) {}

    /** Of every kind that has numbers. They stay the same while the program runs. */
    public List<Shape> shapes() {
        return known().stream()
                .map(t -> new Shape(
                        t.name(),
                        ofATank(t),
                        t.columns().stream()
                                .map(c -> new Column(
                                        c.name(), c.kind().json(), c.kind().jsonFormat(), c.needed()))
                                .toList()))
                .toList();
    }

    private synchronized List<Table> known() {
        if (known == null) {
            known = tables.all().stream().filter(Table::numbered).toList();
        }
        return known;
    }

    private static boolean ofATank(Table table) {
        return table.name().equals(TANK) || table.of().contains(Tables.OF_TANK);
    }

    /**
     * Some of a tank's, in the order of their numbers.
     *
     * @param after the number of the one before the first
     * @return empty if there is no such kind
     */
    public Optional<List<JsonNode>> of(OwnedTank tank, String kind, long after, int most) {
        return known().stream()
                .filter(t -> t.name().equals(kind) && ofATank(t))
                .findFirst()
                .map(t -> rows(
                        t,
                        t.name().equals(TANK) ? "id = :whose" : t.of().replace(Tables.OF_TANK, "tank_id = :whose"),
                        tank.id(),
                        after,
                        most));
    }

    /** The same of whoever asks. */
    public Optional<List<JsonNode>> own(String kind, long after, int most) {
        return known().stream()
                .filter(t -> t.name().equals(kind) && !ofATank(t))
                .findFirst()
                .map(t -> rows(
                        t, t.of().replace(":keeper", ":whose"), keeper.get().id(), after, most));
    }

    private List<JsonNode> rows(Table table, String whose, long id, long after, int most) {
        String columns = table.columns().stream()
                .map(c -> c.kind() == Kind.DATETIME ? c.kind().out(c.name()) + " as " + c.name() : c.name())
                .collect(Collectors.joining(", "));
        String asked = "select to_jsonb(r) from (select " + columns + " from " + table.name() + " where " + whose
                + " and id > :after order by id limit :most) r";
        return jdbc
                .sql(asked)
                .param("whose", id)
                .param("after", after)
                .param("most", most)
                .query(String.class)
                .list()
                .stream()
                .map(JSON::readTree)
                .toList();
    }
}
