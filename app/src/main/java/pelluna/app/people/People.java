package pelluna.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.TankRole;
import pelluna.app.limits.Refused;

/** Who may enter a tank besides its owner. */
@Service
public class People {
    /** The roles that an owner gives. */
    static final List<TankRole> GIVEN = List.of(TankRole.HELPER, TankRole.VIEWER, TankRole.ADVISER);

    private final JdbcClient jdbc;
    private final CurrentKeeper keeper;

    People(JdbcClient jdbc, CurrentKeeper keeper) {
        this.jdbc = jdbc;
        this.keeper = keeper;
    }

    /** Somebody who may enter. @param id of the membership, not of the account */
    record Member(long id, String name, TankRole role, Instant since) {}

    @Transactional(readOnly = true)
    public List<Member> of(OwnedTank tank) {
        return jdbc.sql("""
                        select m.id, k.name, m.role, m.since from tank_member m join keeper k on k.id = m.keeper_id
                        where m.tank_id = ? order by m.id""")
                .param(tank.id())
                .query((row, n) -> new Member(
                        row.getLong("id"),
                        row.getString("name"),
                        TankRole.valueOf(row.getString("role").toUpperCase(Locale.ROOT)),
                        row.getTimestamp("since").toInstant()))
                .list();
    }

    /** The name of its owner. */
    @Transactional(readOnly = true)
    public String owner(OwnedTank tank) {
        return jdbc.sql("select name from keeper where id = ?")
                .param(tank.owner())
                .query(String.class)
                .single();
    }

    /** Takes somebody in; who is there already changes role. @throws Refused, if it is their own tank */
    @Transactional
    public void enters(long tank, long who, TankRole role) {
        int written = jdbc.sql("""
                        insert into tank_member (tank_id, keeper_id, role)
                        select id, :who, :role from tank where id = :tank and keeper_id <> :who
                        on conflict (tank_id, keeper_id) do update set role = excluded.role""")
                .param("tank", tank)
                .param("who", who)
                .param("role", role.name().toLowerCase(Locale.ROOT))
                .update();
        if (written == 0) {
            throw new Refused(new PeopleRefusal.YourOwnTank());
        }
    }

    /** The owner ends it, from this moment on. */
    @Transactional
    public void end(OwnedTank tank, long member) {
        jdbc.sql("delete from tank_member where id = ? and tank_id = ?")
                .params(member, tank.id())
                .update();
    }

    /** Who was let in goes. */
    @Transactional
    public void leave(OwnedTank tank) {
        jdbc.sql("delete from tank_member where keeper_id = ? and tank_id = ?")
                .params(keeper.get().id(), tank.id())
                .update();
    }
}
