package pelluna.app.pooled;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.prediction.FiguresFile;
import pelluna.core.losses.Topic;
import pelluna.core.pooled.Experience;
import pelluna.core.units.Named;

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

    /** @param source a file; null for the keepers of this server, added up @param signedBy null if nobody has */
    record Pair(Long source, String signedBy, FiguresFile.PairPart seen) {}

    /** Fish of a species; fields as in {@link Pair}. */
    record Kind(Long source, String signedBy, FiguresFile.KindPart seen) {}

    /** So many pairs of which about the same had been said. @param chance to the nearest hundredth */
    record Said(double chance, int pairs, int hard) {}

    /** Who shares here, and the files that count. */
    record Sharers(int keepers, int files) {}

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

    /** Those of this server added up, and those of files; without files that are set aside. */
    @Transactional(readOnly = true)
    List<Kind> kinds() {
        return jdbc.sql("""
                        select null::bigint as source_id, null as signed_by, species, count(*) as keepers,
                          sum(fish) as fish, sum(days) as days, sum(lost) as lost
                        from pool_life where keeper_id is not null group by species
                        union all
                        select l.source_id, s.signed_by, l.species, l.keepers, l.fish, l.days, l.lost
                        from pool_life l join figures_source s on s.id = l.source_id where not s.aside
                        order by 3, 1""")
                .query((row, n) -> new Kind(
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

    /** Those of this server added up, and those of files; without files that are set aside. */
    @Transactional(readOnly = true)
    List<Pair> pairs() {
        return jdbc.sql("""
                        select null::bigint as source_id, null as signed_by, aggressor, target, count(*) as keepers,
                          sum(hard) as hard, sum(expected) as expected
                        from pool_pair where keeper_id is not null group by aggressor, target
                        union all
                        select p.source_id, s.signed_by, p.aggressor, p.target, p.keepers, p.hard, p.expected
                        from pool_pair p join figures_source s on s.id = p.source_id where not s.aside
                        order by 3, 4, 1""")
                .query((row, n) -> new Pair(
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

    /**
     * What had been said, held against what was seen: of pairs of files that are signed that five keepers have had.
     *
     * @param here whether those of keepers of this server count too
     */
    @Transactional(readOnly = true)
    List<Said> said(boolean here) {
        return jdbc.sql("""
                        select round((p.expected / p.keepers)::numeric, 2) as chance, sum(p.keepers) as pairs,
                          sum(p.hard) as hard
                        from pool_pair p left join figures_source s on s.id = p.source_id
                        where s.id is null and :here or not s.aside and s.signed_by is not null and p.keepers >= :least
                        group by 1 order by 1""")
                .param("here", here)
                .param("least", Experience.LEAST_KEEPERS)
                .query((row, n) -> new Said(row.getDouble("chance"), row.getInt("pairs"), row.getInt("hard")))
                .list();
    }

    /**
     * Added up by topic, in their order.
     *
     * @param here  whether those of keepers of this server count
     * @param files whether those of files that are signed do
     */
    @Transactional(readOnly = true)
    List<FiguresFile.TallyPart> topics(boolean here, boolean files) {
        return jdbc
                .sql("""
                        select t.topic, sum(t.both_times) as both_times, sum(t.said_only) as said_only,
                          sum(t.happened_only) as happened_only, sum(t.neither) as neither
                        from pool_topic t left join figures_source s on s.id = t.source_id
                        where s.id is null and :here or :files and not s.aside and s.signed_by is not null
                        group by t.topic""")
                .param("here", here)
                .param("files", files)
                .query((row, n) -> new FiguresFile.TallyPart(
                        Named.find(Topic.class, row.getString("topic")).orElseThrow(),
                        row.getInt("both_times"),
                        row.getInt("said_only"),
                        row.getInt("happened_only"),
                        row.getInt("neither")))
                .list()
                .stream()
                .sorted(Comparator.comparing(FiguresFile.TallyPart::topic))
                .toList();
    }

    /** Who has shared some pair of fish: keepers here, and files that are signed. */
    @Transactional(readOnly = true)
    Sharers sharers() {
        return jdbc.sql("""
                        select count(distinct keeper_id) as keepers, count(distinct s.id) as files
                        from pool_pair p
                          left join figures_source s on s.id = p.source_id and not s.aside
                            and s.signed_by is not null and p.keepers >= ?""")
                .param(Experience.LEAST_KEEPERS)
                .query((row, n) -> new Sharers(row.getInt("keepers"), row.getInt("files")))
                .single();
    }
}
