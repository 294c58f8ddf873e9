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
        OwnedTank tank = new OwnedTank(id, role(id).orElseThrow(NoSuchTankException::new));
        if (request != null) {
            request.setAttribute(key, tank, RequestAttributes.SCOPE_REQUEST);
        }
        return tank;
    }

    /** The keeper's own tanks, in the order in which they were made, without what-if copies. */
    @Transactional(readOnly = true)
    public List<OwnedTank> own() {
        return jdbc
                .sql("select id from tank where keeper_id = ? and sandbox_of is null order by id")
                .param(keeper.get().id())
                .query(Long.class)
                .list()
                .stream()
                .map(id -> new OwnedTank(id, TankRole.OWNER))
                .toList();
    }

    private Optional<TankRole> role(long id) {
        return jdbc.sql("""
                        select case when t.keeper_id = :keeper then 'owner' else m.role end
                        from tank t left join tank_member m
                          on m.tank_id = coalesce(t.sandbox_of, t.id) and m.keeper_id = :keeper
                        where t.id = :tank and (t.keeper_id = :keeper or m.role is not null)""")
                .param("keeper", keeper.get().id())
                .param("tank", id)
                .query(String.class)
                .optional()
                .map(role -> TankRole.valueOf(role.toUpperCase(Locale.ROOT)));
    }
}
