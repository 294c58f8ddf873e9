package pelluna.core.catalogue;

import java.util.List;
import pelluna.core.units.Length;
import pelluna.core.units.Mass;
import pelluna.core.units.Statement;

/** What can be wrong with a catalogue: with its files, with a fact, with a species as a whole. */
public sealed interface CatalogueFault extends Statement {
    record FileMissing() implements CatalogueFault {}

    record FileEmpty() implements CatalogueFault {}

    record NotYaml() implements CatalogueFault {}

    record NoFamily() implements CatalogueFault {}

    record NoGenera() implements CatalogueFault {}

    record NoGenusName(String genus) implements CatalogueFault {}

    record NoSpeciesOf(String genus) implements CatalogueFault {}

    record KeysExpected() implements CatalogueFault {}

    record LineExpected() implements CatalogueFault {}

    record StandsTwice(String key) implements CatalogueFault {}

    record NoSource(String key) implements CatalogueFault {}

    record FactMissing(String species, String key) implements CatalogueFault {}

    record NoSuchFact(String key) implements CatalogueFault {}

    record NotWrittenLike(String key, String value, String example) implements CatalogueFault {}

    record IsNot(String key, String value, FactNeeds needs) implements CatalogueFault {}

    record SpeciesTwice(String species) implements CatalogueFault {}

    record SynonymTaken(String synonym) implements CatalogueFault {}

    record NoScientificName() implements CatalogueFault {}

    record NoSuchSpecies(List<String> names) implements CatalogueFault {}

    record NotInTheCatalogue(String name) implements CatalogueFault {}

    record OfSpecies(String species, SpeciesFault fault) implements CatalogueFault {}

    /** What cannot be true of a species. */
    sealed interface SpeciesFault extends Statement {}

    record NoZone() implements SpeciesFault {}

    record CoolestNotBelowWarmest() implements SpeciesFault {}

    record LeastNotBelowMost() implements SpeciesFault {}

    record RunShorterThanFish() implements SpeciesFault {}

    record NoSuchMass(Length adult, Mass mass) implements SpeciesFault {}

    record ShoalOfOne() implements SpeciesFault {}

    record GroupInLessWater() implements SpeciesFault {}
}
