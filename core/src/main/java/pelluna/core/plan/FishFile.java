package pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;

/**
 * A fish, pair or group of a {@link PlanFile}, a resident or a wish; null where nothing was said.
 *
 * @param species     any name that means one species
 * @param lengthCm    of each
 * @param captiveBred true, or not said
 * @param since       the day a resident came
 * @param lengths     of a resident, as they were measured
 * @param record      of what a resident was seen to do
 * @param want        1 to 5, of a wish, as is what follows
 * @param place       in the order by hand, from 1
 * @param on          the day that its keeper wants it on
 * @param together    the number of a group that goes in together
 * @param alone       true if it goes in by itself though its kind goes in together
 * @param price       in the keeper's own money
 * @param row         number of its row, so that what comes back is the same fish; in no file
 */
public record FishFile(
        String species,
        Integer count,
        Double lengthCm,
        Boolean captiveBred,
        LocalDate leavesOn,
        String leavesWhy,
        LocalDate since,
        List<LengthFile> lengths,
        RecordFile record,
        Integer want,
        Integer place,
        Boolean box,
        LocalDate on,
        Integer together,
        Boolean alone,
        Double price,
        Risk risk,
        Long row) {
    /** A length that was measured on a day, cm. */
    public record LengthFile(LocalDate on, double cm) {}

    /** Acts seen in so many hours, and expected in them. */
    public record RecordFile(int acts, double hours, double expected) {}

    /** So many of a species, with nothing else said of them. */
    public static FishFile of(String species, int count) {
        return new Draft().with(d -> {
            d.species = species;
            d.count = count;
        });
    }

    /** How many there are; one where nobody said. */
    public int howMany() {
        return count == null ? 1 : count;
    }

    /** The same fish with something changed. */
    public FishFile but(Consumer<Draft> change) {
        return new Draft(this).with(change);
    }

    public FishFile counting(int other) {
        return but(d -> d.count = other);
    }

    public FishFile numbered(Long other) {
        return but(d -> d.row = other);
    }

    /** What is changed of a fish before it is one again. Fields as in {@link FishFile}. */
    public static final class Draft {
        public String species;
        public Integer count;
        public Double lengthCm;
        public Boolean captiveBred;
        public LocalDate leavesOn;
        public String leavesWhy;
        public LocalDate since;
        public List<LengthFile> lengths;
        public RecordFile record;
        public Integer want;
        public Integer place;
        public Boolean box;
        public LocalDate on;
        public Integer together;
        public Boolean alone;
        public Double price;
        public Risk risk;
        public Long row;

        private Draft() {}

        private Draft(FishFile f) {
            species = f.species;
            count = f.count;
            lengthCm = f.lengthCm;
            captiveBred = f.captiveBred;
            leavesOn = f.leavesOn;
            leavesWhy = f.leavesWhy;
            since = f.since;
            lengths = f.lengths;
            record = f.record;
            want = f.want;
            place = f.place;
            box = f.box;
            on = f.on;
            together = f.together;
            alone = f.alone;
            price = f.price;
            risk = f.risk;
            row = f.row;
        }

        private FishFile with(Consumer<Draft> change) {
            change.accept(this);
            return new FishFile(
                    species,
                    count,
                    lengthCm,
                    captiveBred,
                    leavesOn,
                    leavesWhy,
                    since,
                    lengths,
                    record,
                    want,
                    place,
                    box,
                    on,
                    together,
                    alone,
                    price,
                    risk,
                    row);
        }
    }
}
