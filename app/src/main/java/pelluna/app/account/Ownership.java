package pelluna.app.account;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Which tanks whoever asks may enter. A what-if copy of a tank is entered as its tank is. */
@Service
public class Ownership {
    private static final String KEPT = Ownership.class.getName();
    private static final String OWNER = KEPT + ".owner";
    private static final String ENTERED = KEPT + ".entered";

    /** A tank that may be entered, with its name and its owner's. */
    public record Entered(OwnedTank tank, String name, String owner) {}

    private record Entries(List<Entered> all) {}

    private final CurrentKeeper keeper;
    private final JdbcClient jdbc;

    Ownership(CurrentKeeper keeper, JdbcClient jdbc) {
        this.keeper = keeper;
        this.jdbc = jdbc;
    }

    /**
     * Looked up once in a request.
     *
     * @throws NoSuchTankException if there is none that whoever asks may enter: nobody learns which it was
     */
    @Transactional(readOnly = true)
    public OwnedTank tank(long id) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        String key = KEPT + keeper.get().id() + "." + id;
        if (request != null && request.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof OwnedTank known) {
            return known;
        }
        OwnedTank tank = find(id).orElseThrow(NoSuchTankException::new);
        if (request != null) {
            request.setAttribute(key, tank, RequestAttributes.SCOPE_REQUEST);
            request.setAttribute(OWNER, tank.owner(), RequestAttributes.SCOPE_REQUEST);
        }
        return tank;
    }

    /** Whose facts hold for this request: those of the owner of its tank, else of whoever asks. */
    public long whoseFacts() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request != null && request.getAttribute(OWNER, RequestAttributes.SCOPE_REQUEST) instanceof Long owner
                ? owner
                : keeper.get().id();
    }

    /** Every tank that whoever asks may enter, without what-if copies: the own ones first, each in order of age. */
    @Transactional(readOnly = true)
    public List<Entered> entered() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        String key = ENTERED + keeper.get().id();
        if (request != null && request.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof Entries known) {
            return known.all();
        }
        List<Entered> all = jdbc.sql("""
                        select t.id, t.name, k.name as owner, t.keeper_id, t.archived_at is not null as archived,
                          case when t.keeper_id = :keeper then 'owner' else m.role end as role
                        from tank t join keeper k on k.id = t.keeper_id
                          left join tank_member m on m.tank_id = t.id and m.keeper_id = :keeper
                        where t.sandbox_of is null and (t.keeper_id = :keeper or m.role is not null)
                        order by t.keeper_id <> :keeper, t.id""")
                .param("keeper", keeper.get().id())
                .query((row, n) -> new Entered(
                        new OwnedTank(
                                row.getLong("id"),
                                row.getLong("keeper_id"),
                                role(row.getString("role")),
                                row.getBoolean("archived")),
                        row.getString("name"),
                        row.getString("owner")))
                .list();
        if (request != null) {
            request.setAttribute(key, new Entries(all), RequestAttributes.SCOPE_REQUEST);
        }
        return all;
    }

    /** The keeper's own tanks, in the order in which they were made, without what-if copies. */
    public List<OwnedTank> own() {
        return entered().stream()
                .map(Entered::tank)
                .filter(t -> t.role() == TankRole.OWNER)
                .toList();
    }

    /** Whether somebody besides its owner may enter it. */
    @Transactional(readOnly = true)
    public boolean shared(OwnedTank tank) {
        return jdbc.sql("select exists (select 1 from tank_member where tank_id = ?)")
                .param(tank.id())
                .query(Boolean.class)
                .single();
    }

    private Optional<OwnedTank> find(long id) {
        return jdbc.sql("""
                        select t.keeper_id, coalesce(whole.archived_at, t.archived_at) is not null as archived,
                          case when t.keeper_id = :keeper then 'owner' else m.role end as role
                        from tank t left join tank whole on whole.id = t.sandbox_of
                          left join tank_member m
                            on m.tank_id = coalesce(t.sandbox_of, t.id) and m.keeper_id = :keeper
                        where t.id = :tank and (t.keeper_id = :keeper or m.role is not null)""")
                .param("keeper", keeper.get().id())
                .param("tank", id)
                .query((row, n) -> new OwnedTank(
                        id, row.getLong("keeper_id"), role(row.getString("role")), row.getBoolean("archived")))
                .optional();
    }

    private static TankRole role(String word) {
        return TankRole.valueOf(word.toUpperCase(Locale.ROOT));
    }
}
