package pelluna.app.pooled;

import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.prediction.FiguresFile;

/** What was shared: by keepers of this server, and in files of others. Asked for in the server's own name. */
@Component
class PoolRows {
    /** What is a hair's breadth from nothing or from certain is taken for that breadth. */
    private static final double LEAST = 0.001;

    private final JdbcClient jdbc;

    PoolRows(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Somebody who shares. @param language that they have chosen; English if none */
    record Sharing(long keeper, Locale language) {}

    /** @param keeper of this server, or null @param source a file, or null */
    record Pair(Long keeper, Long source, String signedBy, FiguresFile.PairPart seen) {}

    /** Fish of a species; fields as in {@link Pair}. */
    record Kind(Long keeper, Long source, String signedBy, FiguresFile.KindPart seen) {}

    /** @param from whose they are: a keeper of this server, or a file */
    record Topic(String from, String topic, int both, int saidOnly, int happenedOnly, int neither) {
        private static final String KEEPER = "k";

        /** Whether a keeper of this server has shared it. */
        boolean here() {
            return from.startsWith(KEEPER);
        }
    }

    /** Tanks of those who share, without what-if copies. */
    @Transactional(readOnly = true)
    int tanks() {
        return jdbc.sql("""
                        select count(*) from tank t join keeper k on k.id = t.keeper_id
                        where k.shares_figures and t.sandbox_of is null""").query(Integer.class).single();
    }

    @Transactional(readOnly = true)
    List<Sharing> sharing() {
        return sharing(false);
    }

    private List<Sharing> sharing(boolean fresh) {
        return jdbc.sql("""
                        select id, coalesce(language, 'en') as language from keeper where shares_figures
                          and not (:fresh and exists (select 1 from pool_topic where keeper_id = keeper.id))
                        order by id""")
                .param("fresh", fresh)
                .query((row, n) -> new Sharing(row.getLong("id"), Locale.forLanguageTag(row.getString("language"))))
                .list();
    }

    /** Those who share and of whom nothing has been added yet. */
    @Transactional(readOnly = true)
    List<Sharing> fresh() {
        return sharing(true);
    }

    @Transactional(readOnly = true)
    boolean shares(long keeper) {
        return jdbc.sql("select shares_figures from keeper where id = ?")
                .param(keeper)
                .query(Boolean.class)
                .single();
    }

    /** From now on, or no more: then what was shared is deleted at once. */
    @Transactional
    void share(long keeper, boolean on) {
        jdbc.sql("update keeper set shares_figures = ? where id = ?")
                .params(on, keeper)
                .update();
        if (!on) {
            clear("keeper_id", keeper);
        }
    }

    /** What a keeper shares, in the place of what it was before; nothing of one who has thought better of it. */
    @Transactional
    void of(long keeper, FiguresFile figures) {
        // whoever adds the same at the same time waits
        boolean shares = jdbc.sql("select shares_figures from keeper where id = ? for update")
                .param(keeper)
                .query(Boolean.class)
                .single();
        clear("keeper_id", keeper);
        if (shares) {
            put("keeper_id", keeper, figures);
        }
    }

    /** What a file holds. */
    @Transactional
    void from(long source, FiguresFile figures) {
        put("source_id", source, figures);
    }

    private void clear(String whose, long id) {
        jdbc.sql("delete from pool_pair where " + whose + " = ?").param(id).update();
        jdbc.sql("delete from pool_topic where " + whose + " = ?").param(id).update();
        jdbc.sql("delete from pool_life where " + whose + " = ?").param(id).update();
    }

    private void put(String whose, long id, FiguresFile figures) {
        for (FiguresFile.PairPart p : figures.pairs()) {
            double least = LEAST * p.keepers();
            jdbc.sql("""
                            insert into pool_pair (%s, aggressor, target, keepers, hard, expected)
                            values (?, ?, ?, ?, ?, ?)""".formatted(whose))
                    .params(
                            id,
                            p.aggressor(),
                            p.target(),
                            p.keepers(),
                            p.seenToFightHard(),
                            Math.max(least, Math.min(p.keepers() - least, p.expected())))
                    .update();
        }
        for (FiguresFile.KindPart k : figures.kinds()) {
            jdbc.sql("""
                            insert into pool_life (%s, species, keepers, fish, days, lost)
                            values (?, ?, ?, ?, ?, ?)""".formatted(whose))
                    .params(id, k.species(), k.keepers(), k.fish(), k.days(), k.lost())
                    .update();
        }
        for (FiguresFile.TallyPart t : figures.saidAndHappened()) {
            jdbc.sql("""
                            insert into pool_topic (%s, topic, both_times, said_only, happened_only, neither)
                            values (?, ?, ?, ?, ?, ?)""".formatted(whose))
                    .params(id, t.topic().word(), t.saidAndHappened(), t.saidOnly(), t.happenedOnly(), t.neither())
                    .update();
        }
    }

    /** Without those of files that are set aside. */
    @Transactional(readOnly = true)
    List<Kind> kinds() {
        return jdbc.sql("""
                        select l.keeper_id, l.source_id, s.signed_by, l.species, l.keepers, l.fish, l.days, l.lost
                        from pool_life l left join figures_source s on s.id = l.source_id
                        where s.id is null or not s.aside order by l.id""")
                .query((row, n) -> new Kind(
                        row.getObject("keeper_id", Long.class),
                        row.getObject("source_id", Long.class),
                        row.getString("signed_by"),
                        new FiguresFile.KindPart(
                                row.getString("species"),
                                row.getInt("keepers"),
                                row.getInt("fish"),
                                row.getLong("days"),
                                row.getInt("lost"))))
                .list();
    }

    /** Without those of files that are set aside. */
    @Transactional(readOnly = true)
    List<Pair> pairs() {
        return jdbc.sql("""
                        select p.keeper_id, p.source_id, s.signed_by, p.aggressor, p.target, p.keepers, p.hard,
                          p.expected
                        from pool_pair p left join figures_source s on s.id = p.source_id
                        where s.id is null or not s.aside order by p.id""")
                .query((row, n) -> new Pair(
                        row.getObject("keeper_id", Long.class),
                        row.getObject("source_id", Long.class),
                        row.getString("signed_by"),
                        new FiguresFile.PairPart(
                                row.getString("aggressor"),
                                row.getString("target"),
                                row.getInt("keepers"),
                                row.getInt("hard"),
                                row.getDouble("expected"))))
                .list();
    }

    /** Without those of files that are set aside. */
    @Transactional(readOnly = true)
    List<Topic> topics() {
        return jdbc.sql("""
                        select t.keeper_id, t.source_id, t.topic, t.both_times, t.said_only, t.happened_only, t.neither
                        from pool_topic t left join figures_source s on s.id = t.source_id
                        where s.id is null or not s.aside order by t.id""")
                .query((row, n) -> new Topic(
                        row.getString("keeper_id") == null
                                ? "f" + row.getLong("source_id")
                                : Topic.KEEPER + row.getLong("keeper_id"),
                        row.getString("topic"),
                        row.getInt("both_times"),
                        row.getInt("said_only"),
                        row.getInt("happened_only"),
                        row.getInt("neither")))
                .list();
    }
}
