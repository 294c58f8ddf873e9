package pelluna.core.pooled;

import pelluna.core.catalogue.Species;

/**
 * What a keeper's fish of one species came to; or those of some keepers of a file that doesn't tell them apart.
 *
 * @param source  where it comes from, see {@link PairSeen}
 * @param keeper  what stands for a keeper, or for those of a file, within the source
 * @param keepers how many they are, 1 or more
 * @param fish    how many they had
 * @param years   that these were followed, all together
 * @param lost    how many of them were lost
 */
public record LivesSeen(String source, String keeper, Species species, int keepers, int fish, double years, int lost) {
    public LivesSeen {
        if (keepers < 1 || fish < 1 || !(years >= 0) || Double.isInfinite(years) || lost < 0 || lost > fish) {
            throw new IllegalArgumentException(lost + " of " + fish + " in " + years + " years");
        }
    }

    Counts counts() {
        return new Counts(keepers, lost, years);
    }
}
