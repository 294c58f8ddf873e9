package pelluna.app.catalogue;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.CatalogueProblem;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;

/**
 * What a file would change, looked at before anything is written: each row the same as now, other facts, a new
 * species, or refused with its reason.
 *
 * @param word what would be taken: the facts that differ and the species that are new, as the keeper's own word
 */
record BringIn(List<Row> rows, FactOverrides word) {
    private static final int MOST_ROWS = 5000;

    /** What becomes of one row. */
    enum Fate {
        SAME,
        OTHER_FACTS,
        NEW,
        REFUSED
    }

    /** One row, and for other facts each as 'adult: 16 cm … → 18 cm …'. */
    record Row(int number, String name, Fate fate, List<String> changes, Sentences refused) {
        private static final int FIRST = 4;

        /** As many changes as are read at a glance. */
        public List<String> firstChanges() {
            return changes.subList(0, Math.min(FIRST, changes.size()));
        }

        public List<String> moreChanges() {
            return changes.subList(Math.min(FIRST, changes.size()), changes.size());
        }
    }

    /**
     * @param now the keeper's catalogue as it is
     * @throws CatalogueException if the text is neither CSV nor JSON of species
     */
    static BringIn of(String text, Catalogue now, Catalogue shipped) {
        String bare = text.startsWith("\uFEFF") ? text.substring(1) : text;
        List<FileRow> file =
                bare.stripLeading().startsWith("[") ? new CatalogueJson().read(bare) : CatalogueCsv.read(bare);
        if (file.size() > MOST_ROWS) {
            throw new CatalogueException(new FactPlace.Row(MOST_ROWS), new FileFault.TooManyRows());
        }
        List<Row> rows = new ArrayList<>();
        List<FactOverrides.OwnSpecies> species = new ArrayList<>();
        List<FactOverrides.FactOverride> facts = new ArrayList<>();
        java.util.Set<String> seen = new java.util.HashSet<>();
        for (FileRow row : file) {
            Row judged = row.entry().isPresent() && !seen.add(row.name())
                    ? refused(row, List.of(new FileFault.TwiceInFile(row.name())))
                    : judge(row, now, shipped, species, facts);
            rows.add(judged);
        }
        return new BringIn(rows, new FactOverrides(species, facts));
    }

    private static Row judge(
            FileRow row,
            Catalogue now,
            Catalogue shipped,
            List<FactOverrides.OwnSpecies> species,
            List<FactOverrides.FactOverride> facts) {
        if (row.entry().isEmpty()) {
            return refused(row, CatalogueProblem.brief(row.refused()));
        }
        Entry entry = row.entry().get();
        Species there = now.find(entry.scientificName()).orElse(null);
        if (there != null && !there.scientificName().equals(entry.scientificName())) {
            return refused(row, List.of(new FileFault.NameOfAnother(entry.scientificName(), there.scientificName())));
        }
        List<FactOverrides.FactOverride> other = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        FactForms.all().forEach(form -> {
            Fact fact = entry.facts().get(form.key());
            Fact was = there == null ? null : there.facts().get(form.key());
            if (fact != null && (was == null || !was.value().equals(fact.value()))) {
                other.add(new FactOverrides.FactOverride(entry.scientificName(), form.key(), fact.value()));
                changes.add(form.key() + ": " + (was == null ? "" : was.value() + " → ") + fact.value());
            }
        });
        List<FactOverrides.OwnSpecies> fresh = there == null
                ? List.of(new FactOverrides.OwnSpecies(entry.scientificName(), entry.family(), ""))
                : List.of();
        if (fresh.isEmpty() && other.isEmpty()) {
            return new Row(row.number(), row.name(), Fate.SAME, List.of(), new Sentences(List.of()));
        }
        try {
            boolean own = there != null && shipped.find(entry.scientificName()).isEmpty();
            List<FactOverrides.FactOverride> whole = new ArrayList<>(other);
            if (own) {
                there.facts().values().stream()
                        .filter(f -> other.stream().noneMatch(o -> o.key().equals(f.key())))
                        .forEach(f ->
                                whole.add(new FactOverrides.FactOverride(entry.scientificName(), f.key(), f.value())));
            }
            shipped.check(new FactOverrides(
                    own ? List.of(new FactOverrides.OwnSpecies(entry.scientificName(), there.family(), "")) : fresh,
                    whole));
        } catch (CatalogueException e) {
            return refused(row, CatalogueProblem.brief(e.problems()));
        }
        species.addAll(fresh);
        facts.addAll(other);
        return new Row(
                row.number(),
                row.name(),
                fresh.isEmpty() ? Fate.OTHER_FACTS : Fate.NEW,
                changes,
                new Sentences(List.of()));
    }

    private static Row refused(FileRow row, List<Statement> why) {
        return new Row(row.number(), row.name(), Fate.REFUSED, List.of(), new Sentences(why));
    }

    long count(Fate fate) {
        return rows.stream().filter(r -> r.fate() == fate).count();
    }

    public long refused() {
        return count(Fate.REFUSED);
    }

    /** The rows worth showing: all but those that change nothing. */
    public List<Row> shown() {
        return rows.stream().filter(r -> r.fate() != Fate.SAME).toList();
    }
}
